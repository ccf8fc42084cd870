package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A kitchen that reads ounces, inches and degrees Fahrenheit is told them, in what is refused and in what happened too. */
@ExtendWith(RunningApplication.class)
class InOuncesTest {
    private final SignedIn person = TestKitchen.of("ounces").http();
    private Map<String, String> ids;

    @BeforeEach
    void aKitchenThatReadsOunces() {
        ids = person.furnish();
        assertThat(person.post(
                                "/kitchen",
                                "name=K&units=US&measures=US&temperature=FAHRENHEIT&altitudeM=0&roomC=20&timeZone=UTC")
                        .statusCode())
                .isEqualTo(200);
    }

    private String entered(String fields) {
        HttpResponse<String> answer =
                person.post("/cooks/" + ids.get("cooks") + "/events", fields + "&event=" + UUID.randomUUID());
        assertThat(answer.statusCode()).isEqualTo(422);
        return answer.body();
    }

    @Test
    void aWeightThatCanNotBeIsToldInOunces() {
        assertThat(entered("kind=weighed&value=9000"))
                .containsPattern("That would be \\d+\\.\\d oz \\(9000 g\\) of sauce, more than the \\d+\\.\\d oz");
        assertThat(entered("kind=weighed&value=5&pot=true&tare=2000"))
                .containsPattern("The empty pot alone weighs \\d+\\.\\d oz \\(\\d+ g\\)");
    }

    @Test
    void aPanOfAWidthWithoutAUnitIsOneOfInches() {
        String plan = person.get("/sauces/" + ids.get("sauces") + "/plan?pot=other&width=9.5")
                .body();
        assertThat(plan).contains("9.5 in pan");

        assertThat(person.get("/sauces/" + ids.get("sauces") + "/plan?pot=other&width=3.2")
                        .body())
                .containsPattern("This pot holds \\d+\\.\\d fl oz \\(\\d+ ml\\) and the sauce is \\d+\\.\\d fl oz");
    }

    @Test
    void tooLittleWaterForABoilOffIsToldInOunces() {
        HttpResponse<String> answer = person.post(
                "/pots/" + ids.get("pots") + "/boil-off",
                "test=" + UUID.randomUUID() + "&ring=" + ids.get("rings")
                        + "&activity=SIMMER&mark=4&bare=on&weight=200");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("That would be 7.05 oz (200 g) of water: take at least 10.6 oz (300 g).");
    }

    @Test
    void whatALessonAdvisesIsToldInInchesAndDegreesFahrenheit() {
        assertThat(person.get("/practice/lessons/syrup").body())
                .containsPattern("Take it off at \\d+ °F \\(\\d+ °C\\)");
    }
}
