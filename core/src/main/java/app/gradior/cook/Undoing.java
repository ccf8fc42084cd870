package app.gradior.cook;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Which events of a cook are undone. An undo that is itself undone undoes nothing, so that every undo can be taken back. */
final class Undoing {
    private final Set<UUID> undone;

    private Undoing(Set<UUID> undone) {
        this.undone = undone;
    }

    static Undoing of(Collection<? extends CookEvent> events) {
        Map<UUID, List<UUID>> undosOf = new HashMap<>();
        for (CookEvent event : events) {
            if (event instanceof CookEvent.Undone undo) {
                undosOf.computeIfAbsent(undo.event(), id -> new ArrayList<>()).add(undo.id());
            }
        }
        Map<UUID, Boolean> known = new HashMap<>();
        Set<UUID> undone = new HashSet<>();
        for (UUID id : undosOf.keySet()) {
            if (settle(id, undosOf, known)) {
                undone.add(id);
            }
        }
        return new Undoing(undone);
    }

    /** Whether an event is undone: whether one of its undos stands. Without recursion, since undos of undos may be many. */
    private static boolean settle(UUID asked, Map<UUID, List<UUID>> undosOf, Map<UUID, Boolean> known) {
        Deque<UUID> open = new ArrayDeque<>();
        Set<UUID> onTheWay = new HashSet<>();
        open.push(asked);
        while (!open.isEmpty()) {
            UUID id = open.peek();
            List<UUID> undos = undosOf.getOrDefault(id, List.of());
            onTheWay.add(id);
            boolean waits = false;
            for (UUID undo : undos) {
                // Undos that undo each other in a circle, which nobody can enter by hand, undo nothing.
                if (!known.containsKey(undo) && onTheWay.add(undo)) {
                    open.push(undo);
                    waits = true;
                }
            }
            if (!waits) {
                known.put(id, undos.stream().anyMatch(undo -> !known.getOrDefault(undo, true)));
                open.pop();
            }
        }
        return known.get(asked);
    }

    boolean undone(UUID event) {
        return undone.contains(event);
    }
}
