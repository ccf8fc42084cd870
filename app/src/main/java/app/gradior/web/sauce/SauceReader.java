package app.gradior.web.sauce;

import app.gradior.food.Mixture;
import app.gradior.physics.ChoiOkos;
import app.gradior.pot.Activity;
import app.gradior.pot.Conditions;
import app.gradior.pot.Lid;
import app.gradior.pot.Material;
import app.gradior.pot.Pot;
import app.gradior.pot.Ring;
import app.gradior.pot.Room;
import app.gradior.quantity.Celsius;
import app.gradior.quantity.Length;
import app.gradior.quantity.Mass;
import app.gradior.sauce.WrittenSauce;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.Pots;
import app.gradior.web.food.Foods;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reads sauces with a kitchen's words, in a pot of that kitchen that holds them. */
@Component
public class SauceReader {
    /** What is computed with while a kitchen has no pot. */
    private static final Pot SOME_POT =
            Pot.straight(Length.ofCentimetres(24), Length.ofCentimetres(12), Material.STEEL, Mass.ofGrams(1500));

    private final Foods foods;
    private final Pots pots;
    private final Cache<Words, ReadSauce> kept =
            Caffeine.newBuilder().maximumSize(500).build();

    /** Everything that decides how a text is read. */
    private record Words(String text, Foods.Language language, List<KitchenPot> pots) {}

    SauceReader(Foods foods, Pots pots) {
        this.foods = foods;
        this.pots = pots;
    }

    /** Reads a sauce that is kept; the same words in the same language are read once. */
    public ReadSauce read(UUID kitchen, Sauce sauce) {
        return read(sauce, foods.language(kitchen), pots.all(kitchen));
    }

    /** The same, for one who has looked at the kitchen already. */
    public ReadSauce read(Sauce sauce, Foods.Language language, List<KitchenPot> all) {
        return kept.get(new Words(sauce.text(), language, all), w -> read(w.text(), w.language(), w.pots()));
    }

    public ReadSauce read(UUID kitchen, String text) {
        return read(text, foods.language(kitchen), pots.all(kitchen));
    }

    /** Reads several with one look at the kitchen. */
    public List<ReadSauce> readAll(UUID kitchen, List<Sauce> sauces) {
        Foods.Language language = foods.language(kitchen);
        List<KitchenPot> all = pots.all(kitchen);
        return sauces.stream().map(sauce -> read(sauce, language, all)).toList();
    }

    static ReadSauce read(String text, Foods.Language language, List<KitchenPot> pots) {
        WrittenSauce written = WrittenSauce.read(text, language.grammar(), language.habits());
        Mixture all = written.all();
        Pot pot = pots.stream()
                .map(KitchenPot::pot)
                .filter(p -> all.isEmpty() || p.holds(ChoiOkos.volume(all, Celsius.of(95))))
                // They come by their width: the widest is the quickest.
                .reduce((narrow, wide) -> wide)
                .orElseGet(() ->
                        pots.isEmpty() ? SOME_POT : pots.get(pots.size() - 1).pot());
        return new ReadSauce(written, new Conditions(pot, Ring.USUAL, Activity.SIMMER, Lid.OFF, Room.USUAL));
    }
}
