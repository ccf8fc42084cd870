package app.gradior.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.RunningApplication;
import app.gradior.thickness.SpoonCoat;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What the practice pot looks like follows its numbers: bubbles, holes, films, sentences, the same for a seed. */
@ExtendWith(RunningApplication.class)
class PracticePictureTest {
    /** A sauce of a grade at a simmer, as the pages have it. */
    private static final String SAUCE = """
            const sauce = (grade, more = {}) => ({
              eta: 10 ** (grade / 2 - 3), mu: 6e-4, activity: 3, level: 28, oldLevel: 42, rim: 85, diameter: 240, sigma: 0.05,
              foaming: 0.1, gel: 0.5, pulp: 0.4, fat: 0.15, colour: [200, 84, 38], browning: 0.1, conc: 0.4, pieces: 0, sinceStir: 10,
              stillFor: 0, foam: 0, caught: 0, lumps: 0, split: 0, speed: 1, seed: 318, ...more });
            """;

    private Page page;

    @BeforeEach
    void open() {
        // Any page of ours may load the scripts; this one wants nobody to sign in.
        page = Browsers.page(800, 600, RunningApplication.address());
        page.navigate("/offline.html");
    }

    private Object in(String module, String body) {
        return page.evaluate("async () => { const m = await import('/js/" + module + ".js'); " + SAUCE + body + " }");
    }

    @SuppressWarnings("unchecked")
    private List<Map<String, Object>> rows(String module, String body) {
        return (List<Map<String, Object>>) in(module, body);
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }

    @Test
    void bubblesGrowAndStandLongerAndComeLessOftenTheThickerItIs() {
        List<Map<String, Object>> rows = rows("practice-physics", """
                return [1, 2, 3, 4, 5, 6, 7, 8].map((grade) => {
                  const p = m.physics(sauce(grade));
                  return { R: p.R, life: p.life, rate: p.rate, area: p.rate * p.life * p.shown * Math.PI * p.R ** 2 }; });
                """);
        for (int i = 1; i < rows.size(); i++) {
            assertThat(number(rows.get(i).get("R")))
                    .isGreaterThan(number(rows.get(i - 1).get("R")));
            assertThat(number(rows.get(i).get("life")))
                    .isGreaterThanOrEqualTo(number(rows.get(i - 1).get("life")));
            assertThat(number(rows.get(i).get("rate")))
                    .isLessThan(number(rows.get(i - 1).get("rate")));
        }
        // Never more of the surface than three tenths of it are seen at once.
        double surface = Math.PI * 0.12 * 0.12;
        assertThat(rows).allSatisfy(row -> assertThat(number(row.get("area"))).isLessThan(0.31 * surface));
        // As they are measured at a simmer: like peas at 3, a coin at 6.
        assertThat(number(rows.get(0).get("R"))).isEqualTo(0.0030, within(0.0003));
        assertThat(number(rows.get(2).get("R"))).isEqualTo(0.0047, within(0.0005));
        assertThat(number(rows.get(5).get("R"))).isEqualTo(0.0108, within(0.001));
    }

    @Test
    void thePotShowsAsManyBubblesAndAsLargeOnesAsItsNumbersSay() {
        List<Map<String, Object>> rows = rows("practice-pot", """
                return [2, 4, 6].map((grade) => {
                  const pot = new m.Pot(sauce(grade), 200);
                  const radii = [];
                  let born = 0;
                  const seen = new WeakSet();
                  for (let i = 0; i < 60 * (grade > 5 ? 90 : 12); i++) {
                    pot.tick();
                    for (const b of pot.bubbles) if (!seen.has(b)) { seen.add(b); born++; radii.push(b.R); }
                  }
                  radii.sort((a, b) => a - b);
                  return { born: born / pot.t, want: pot.p.rate * pot.p.shown, R: radii[radii.length >> 1] / 1e3, of: pot.p.R }; });
                """);
        assertThat(rows).allSatisfy(row -> {
            assertThat(number(row.get("R"))).isEqualTo(number(row.get("of")), within(0.1 * number(row.get("of"))));
            // Those that would come up where another one stands are left out.
            assertThat(number(row.get("born"))).isBetween(0.6 * number(row.get("want")), 1.1 * number(row.get("want")));
        });
    }

    @Test
    void theSameSeedShowsTheSameHoweverOftenItIsDrawn() {
        List<Map<String, Object>> rows = rows("practice-pot", """
                return [30, 60, 144].map((frames) => {
                  const pot = new m.Pot(sauce(4.5), 180);
                  for (let i = 0; i < 10 * frames; i++) pot.advance(1 / frames);
                  return { ticks: Math.round(pot.t * 60),
                    all: pot.bubbles.map((b) => `${b.x.toFixed(3)} ${b.y.toFixed(3)} ${b.R.toFixed(3)}`).join() }; });
                """);
        assertThat(rows).allSatisfy(row -> assertThat(number(row.get("ticks"))).isEqualTo(600, within(1.0)));
        Map<Object, Object> byTicks = new java.util.HashMap<>();
        rows.forEach(row -> byTicks.merge(row.get("ticks"), row.get("all"), (a, b) -> {
            assertThat(a).isEqualTo(b);
            return a;
        }));
        assertThat(String.valueOf(rows.get(0).get("all"))).contains(",");
    }

    @Test
    void anotherSeedIsAnotherPot() {
        Object same = in("practice-pot", """
                const of = (seed) => { const pot = new m.Pot(sauce(3, { seed }), 180);
                  for (let i = 0; i < 300; i++) pot.tick(); return pot.bubbles.map((b) => b.x.toFixed(3)).join(); };
                return of(1) === of(2);
                """);
        assertThat(same).isEqualTo(false);
    }

    /** Thin, the furrow of the spoon is gone in a second; thick, it stays to the pan. */
    @Test
    void aFurrowClosesAsFastAsTheSauceIsThin() {
        List<Map<String, Object>> rows = rows("practice-pot", """
                return [4.5, 6, 8].map((grade) => {
                  const pot = new m.Pot(sauce(grade), 200);
                  pot.stir([[-60, 0], [60, 0]], 0.5);
                  for (let i = 0; i < 30; i++) pot.tick();
                  for (let i = 0; i < 60; i++) pot.tick();
                  return { deep: -Math.min(...pot.W), stays: pot.p.hold * 1e3, level: pot.s.level }; });
                """);
        assertThat(number(rows.get(0).get("deep"))).isLessThan(1.2);
        assertThat(number(rows.get(1).get("deep")))
                .isGreaterThan(number(rows.get(0).get("deep")) + 1)
                .isLessThan(number(rows.get(1).get("level")));
        assertThat(number(rows.get(2).get("deep")))
                .isGreaterThan(0.8 * number(rows.get(2).get("level")));
    }

    /** The drawing works its looks out of the film; they turn where core's do. */
    @Test
    void theSpoonTurnsFromLookToLookWhereTheScaleHasIt() {
        List<Double> turns = new ArrayList<>();
        @SuppressWarnings("unchecked")
        List<Object> found = (List<Object>) in("practice-physics", """
                const turns = [];
                let last = m.look(sauce(1));
                for (let grade = 1; grade < 7.5; grade += 0.02) {
                  const now = m.look(sauce(grade));
                  if (now !== last) turns.push(grade);
                  last = now;
                }
                return turns;
                """);
        found.forEach(turn -> turns.add(number(turn)));
        List<Double> scale = new ArrayList<>();
        for (SpoonCoat look : SpoonCoat.values()) {
            if (!Double.isInfinite(look.from())) {
                scale.add(look.from());
            }
        }
        assertThat(turns).hasSameSizeAs(scale);
        for (int i = 0; i < scale.size(); i++) {
            assertThat(turns.get(i)).isEqualTo(scale.get(i), within(0.12));
        }
    }

    @Test
    void aSyrupWithoutBodyNeverShowsALineThatStays() {
        assertThat((Boolean) in("practice-physics", """
                        for (let grade = 2; grade < 6; grade += 0.1) {
                          const s = sauce(grade, { tauY: 0, mu: 10 ** (grade / 2 - 3) });
                          if (m.look(s) === 3 || m.look(s) === 5) return false;
                        }
                        return true;
                        """)).isTrue();
    }

    @Test
    void filmsGetDenserAndPlatesSmallerTheThickerItIs() {
        List<Map<String, Object>> rows = rows("practice-physics", """
                return [0.5, 1, 2, 3, 4, 5, 6, 7, 8].map((grade) => {
                  const s = sauce(grade), p = m.physics(s);
                  return { veil: m.opacity(m.film(p, m.SPOON.at, m.SPOON.drawn)), plate: m.plateRadius(s, 30) }; });
                """);
        for (int i = 1; i < rows.size(); i++) {
            assertThat(number(rows.get(i).get("veil")))
                    .isGreaterThanOrEqualTo(number(rows.get(i - 1).get("veil")));
            assertThat(number(rows.get(i).get("plate")))
                    .isLessThanOrEqualTo(number(rows.get(i - 1).get("plate")) + 1e-9);
        }
        assertThat(2000 * number(rows.get(6).get("plate"))).isEqualTo(61, within(6.0));
    }

    @Test
    void nothingBreaksAtTheEdgesOfWhatPotsAndSaucesThereAre() {
        assertThat((Boolean) in("practice-view", """
                        const paper = new OffscreenCanvas(320, 240).getContext('2d');
                        for (const eta of [0.0005, 0.5, 30])
                          for (const diameter of [120, 360])
                            for (const level of [5, 120])
                              for (const activity of [0, 5]) {
                                const pot = new m.PotView(sauce(3, { eta, diameter, level, activity, foam: 9, caught: 0.5 }), 180);
                                for (let i = 0; i < 30; i++) pot.tick();
                                pot.stir(m.PotView.loop(diameter), 0.3);
                                for (let i = 0; i < 30; i++) pot.tick();
                                pot.draw(paper, 320, 240);
                                for (const v of pot.H) if (Number.isNaN(v)) return false;
                                for (const v of pot.wave) if (Number.isNaN(v)) return false;
                              }
                        return true;
                        """)).isTrue();
    }

    @Test
    void sentencesSayWhatIsDrawnAndNeverContradictThemselves() {
        @SuppressWarnings("unchecked")
        List<String> said = (List<String>) in("practice-words", """
                const all = [];
                for (let grade = 1; grade <= 8; grade += 0.25)
                  for (let activity = 0; activity <= 5; activity++) all.push(m.describe(sauce(grade, { activity })));
                return all;
                """);
        assertThat(said).allSatisfy(sentence -> {
            assertThat(sentence).endsWith(".").doesNotContain("undefined", "NaN");
            assertThat(sentence.contains("burst at once") && sentence.contains("to close"))
                    .isFalse();
        });
        assertThat(said.get(0)).isEqualTo("The surface lies still.");
        assertThat(said.get(3)).startsWith("Small bubbles").contains("burst at once");
        assertThat(said).anyMatch(s -> s.contains("holes they blow stay open"));
        assertThat(String.valueOf(
                        in("practice-words", "return m.describe(sauce(6, { caught: 0.6, lumps: 1, split: 1 }));")))
                .contains("it is catching", "lumps swim in it", "it has split");
        assertThat(String.valueOf(in("practice-words", "return m.describe(sauce(4, { activity: 5, foam: 70 }));")))
                .contains("foam climbs over the rim");
        assertThat(String.valueOf(
                        in("practice-words", "return m.describe(sauce(4, { activity: 0, stillFor: 900, gel: 1 }));")))
                .contains("wrinkling skin");
    }

    @Test
    void theSoundIsAHissThinAndSinglePlopsThick() {
        List<Map<String, Object>> rows = rows(
                "practice-physics",
                "return [2, 6, 8].map((grade) => m.sound(sauce(grade))).concat([m.sound(sauce(3, { activity: 0 }))]);");
        assertThat(number(rows.get(0).get("plopsPerSecond"))).isZero();
        assertThat(number(rows.get(1).get("plopsPerSecond"))).isBetween(5.0, 20.0);
        assertThat(number(rows.get(2).get("plopsPerSecond"))).isLessThan(1);
        assertThat(number(rows.get(0).get("hissHz")))
                .isGreaterThan(number(rows.get(1).get("hissHz")));
        assertThat(number(rows.get(3).get("hissDb"))).isLessThan(-80);
    }

    /** Stamps, textures and the steam are made once and the same each time. */
    @Test
    void texturesAreTheSameEachTime() {
        assertThat((Boolean) in("practice-art", """
                        const r = m.mulberry32(7), q = m.mulberry32(7);
                        for (let i = 0; i < 1000; i++) if (r() !== q()) return false;
                        return m.SWELL.every((v) => v >= -1 && v <= 1) && m.SWELL.some((v) => v < -0.3) && m.SWELL.some((v) => v > 0.3)
                          && m.FOAM.every((v) => v >= 0);
                        """)).isTrue();
    }
}
