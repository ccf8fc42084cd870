package app.gradior.web.sauce;

import app.gradior.plan.Target;
import app.gradior.plan.Use;
import app.gradior.thickness.SpoonCoat;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Sauces as a list shows them: read, with how they came out last and what is left of them. */
@Component
class SauceShelf {
    private final SauceReader reader;
    private final SauceMapper mapper;
    private final LastMade made;
    private final JarStock stock;

    SauceShelf(SauceReader reader, SauceMapper mapper, LastMade made, JarStock stock) {
        this.reader = reader;
        this.mapper = mapper;
        this.made = made;
        this.stock = stock;
    }

    /**
     * A sauce in the list, as read.
     *
     * @param colour about what colour it has
     * @param last the latest batch of it, if it was ever made
     * @param left what is left of it in jars, if anything
     */
    record Shelved(
            Sauce sauce,
            ReadSauce read,
            boolean photo,
            String colour,
            Optional<LastMade.Batch> last,
            Optional<JarStock.Left> left) {
        /** What it is for, if its own text says so. */
        public Optional<Use> use() {
            return read.target().filter(Target.ForUse.class::isInstance).map(target -> ((Target.ForUse) target).use());
        }

        /** How it looks on a spoon: as it came out last, or else as its text wants it. */
        public SpoonCoat look() {
            return last.flatMap(batch -> Optional.ofNullable(batch.look()))
                    .or(() -> use().map(use -> SpoonCoat.of(use.aim())))
                    .orElse(SpoonCoat.LINE_FILLS);
        }
    }

    List<Shelved> of(UUID kitchen, List<Sauce> sauces) {
        List<ReadSauce> read = reader.readAll(kitchen, sauces);
        Set<UUID> photographed = new HashSet<>(mapper.photographed(kitchen));
        List<UUID> ids = sauces.stream().map(Sauce::id).toList();
        Map<UUID, LastMade.Batch> last = made.of(kitchen, ids);
        Map<UUID, JarStock.Left> left = stock.of(kitchen, ids);
        List<Shelved> shelf = new ArrayList<>();
        for (int i = 0; i < sauces.size(); i++) {
            UUID id = sauces.get(i).id();
            shelf.add(new Shelved(
                    sauces.get(i),
                    read.get(i),
                    photographed.contains(id),
                    SauceColour.of(read.get(i)),
                    Optional.ofNullable(last.get(id)),
                    Optional.ofNullable(left.get(id))));
        }
        return shelf;
    }
}
