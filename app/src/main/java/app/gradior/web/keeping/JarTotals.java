package app.gradior.web.keeping;

import app.gradior.quantity.Volume;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.sauce.JarStock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How many jars a kitchen has and how much is in them; counted once until something changes. */
@Component
class JarTotals implements JarStock {
    private final JarMapper mapper;
    private final KitchenCache remembered;

    JarTotals(JarMapper mapper, KitchenCache remembered) {
        this.mapper = mapper;
        this.remembered = remembered;
    }

    /** A sauce of which there are jars. */
    record InJars(UUID sauce, String name, int jars, Volume volume) {}

    /**
     * All of them.
     *
     * @param sauces the most first
     * @param bySize how many jars of each size are filled
     */
    record Totals(int jars, List<InJars> sauces, Map<UUID, Integer> bySize) {}

    Totals of(UUID kitchen) {
        return remembered.of(kitchen, Totals.class, () -> count(kitchen));
    }

    private Totals count(UUID kitchen) {
        int jars = 0;
        Map<UUID, InJars> sauces = new HashMap<>();
        Map<UUID, Integer> bySize = new HashMap<>();
        for (JarMapper.Heap heap : mapper.heaps(kitchen)) {
            jars += heap.jars();
            InJars before = sauces.get(heap.sauceId());
            sauces.put(
                    heap.sauceId(),
                    new InJars(
                            heap.sauceId(),
                            before == null ? mapper.nameOf(kitchen, heap.sauceId()) : before.name(),
                            heap.jars() + (before == null ? 0 : before.jars()),
                            Volume.ofMillilitres(heap.ml()
                                    + (before == null ? 0 : before.volume().millilitres()))));
            if (heap.sizeId() != null) {
                bySize.merge(heap.sizeId(), heap.jars(), Integer::sum);
            }
        }
        List<InJars> most = new ArrayList<>(sauces.values());
        most.sort(Comparator.comparing(InJars::volume).reversed());
        return new Totals(jars, List.copyOf(most), Map.copyOf(bySize));
    }

    @Override
    public Map<UUID, Left> of(UUID kitchen, Collection<UUID> asked) {
        Map<UUID, Left> left = new HashMap<>();
        for (InJars sauce : of(kitchen).sauces()) {
            if (asked.contains(sauce.sauce())) {
                left.put(sauce.sauce(), new Left(sauce.jars(), sauce.volume()));
            }
        }
        return left;
    }
}
