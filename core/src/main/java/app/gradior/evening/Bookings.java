package app.gradior.evening;

import app.gradior.evening.Evening.Window;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What of a kitchen is taken, tick by tick, as tasks are booked one after another; what was booked last can be given back. */
final class Bookings {
    private final Evening evening;
    private final int from;
    private final int[] atWork;
    private final int[] shares;
    private final Map<Integer, List<Window>> rings = new HashMap<>();
    private final Map<String, List<Window>> pots = new HashMap<>();
    private final List<Baked> oven = new ArrayList<>();
    private final List<Stirred> stirred = new ArrayList<>();
    private final List<Held> held = new ArrayList<>();
    private final Deque<Runnable> back = new ArrayDeque<>();

    private record Baked(Window window, Station.InOven station) {}

    private record Stirred(Window window, Hands.Attended hands) {}

    /** A person who can't be called away. */
    private record Held(Window window, Task task, int ring) {}

    Bookings(Evening evening, int from, int to) {
        this.evening = evening;
        this.from = from;
        this.atWork = new int[Math.max(1, to - from)];
        this.shares = new int[atWork.length];
        for (Evening.Person person : evening.people()) {
            for (Window away : person.away()) {
                add(away, 1, Hands.WHOLE);
            }
        }
    }

    private void add(Window window, int people, int share) {
        for (int i = Math.max(0, window.from() - from); i < Math.min(atWork.length, window.to() - from); i++) {
            atWork[i] += people;
            shares[i] += share;
        }
    }

    private static boolean meet(Window a, Window b) {
        return a.from() < b.to() && b.from() < a.to();
    }

    int mark() {
        return back.size();
    }

    void giveBack(int mark) {
        while (back.size() > mark) {
            back.pop().run();
        }
    }

    /** Whether a task can be done then. */
    boolean takes(Task task, int ring, Window window, boolean slow) {
        if (window.from() < from || window.to() - from > atWork.length) {
            return false;
        }
        if (task.station() instanceof Station.InOven wanted && !bakes(wanted, window)) {
            return false;
        }
        if (task.hands() instanceof Hands.Active) {
            return works(task, ring, window, slow);
        }
        return !(task.hands() instanceof Hands.Attended attended) || stirs(attended, window);
    }

    private boolean bakes(Station.InOven wanted, Window window) {
        int beside = 0;
        for (Baked other : oven) {
            if (meet(other.window, window)) {
                if (!wanted.shares(other.station)) {
                    return false;
                }
                beside++;
            }
        }
        // Two that are beside this one need not be beside each other; then it is refused without need, and tried
        // earlier.
        return beside < evening.shelves();
    }

    static int share(Task task, boolean slow) {
        Hands.Active active = (Hands.Active) task.hands();
        return slow || !active.interruptible() ? 70 : Hands.WHOLE;
    }

    private boolean works(Task task, int ring, Window window, boolean slow) {
        int share = share(task, slow);
        int people = evening.people().size();
        for (int i = window.from() - from; i < window.to() - from; i++) {
            if (atWork[i] + 1 > people || shares[i] + share > Hands.WHOLE * people) {
                return false;
            }
        }
        for (Stirred other : stirred) {
            if (meet(other.window, window)
                    && task.keepsFrom(other.hands, ring)
                    && heldDuring(other.window, other.hands) + 1 > people - 1) {
                return false;
            }
        }
        return true;
    }

    /** At most how many are held at once within a window so that they could not stir. */
    private int heldDuring(Window window, Hands.Attended hands) {
        int most = 0;
        for (Held one : held) {
            if (meet(one.window, window) && one.task.keepsFrom(hands, one.ring)) {
                int together = 1;
                for (Held other : held) {
                    if (other != one
                            && meet(other.window, one.window)
                            && meet(other.window, window)
                            && other.task.keepsFrom(hands, other.ring)) {
                        together++;
                    }
                }
                most = Math.max(most, together);
            }
        }
        return most;
    }

    private boolean stirs(Hands.Attended hands, Window window) {
        int people = evening.people().size();
        for (int i = window.from() - from; i < window.to() - from; i++) {
            if (shares[i] + hands.share() > Hands.WHOLE * people) {
                return false;
            }
        }
        return heldDuring(window, hands) <= people - 1;
    }

    void book(Task task, int ring, Window window, boolean slow) {
        if (task.station() instanceof Station.InOven wanted) {
            push(oven, new Baked(window, wanted));
        }
        if (task.hands() instanceof Hands.Active active) {
            int share = share(task, slow);
            add(window, 1, share);
            back.push(() -> add(window, -1, -share));
            if (!active.interruptible()) {
                push(held, new Held(window, task, ring));
            }
        } else if (task.hands() instanceof Hands.Attended attended) {
            add(window, 0, attended.share());
            back.push(() -> add(window, 0, -attended.share()));
            push(stirred, new Stirred(window, attended));
        }
    }

    private <T> void push(List<T> list, T one) {
        list.add(one);
        back.push(() -> list.remove(list.size() - 1));
    }

    boolean ringIsFree(int ring, Window window) {
        return rings.getOrDefault(ring, List.of()).stream().noneMatch(taken -> meet(taken, window));
    }

    void bookRing(int ring, Window window) {
        push(rings.computeIfAbsent(ring, r -> new ArrayList<>()), window);
    }

    /** Whether a pot is free and there is time to wash it before and after. */
    boolean potIsFree(String pot, Window window) {
        Window washed = new Window(window.from() - Evening.WASHING, window.to() + Evening.WASHING);
        return pots.getOrDefault(pot, List.of()).stream().noneMatch(taken -> meet(taken, washed));
    }

    void bookPot(String pot, Window window) {
        push(pots.computeIfAbsent(pot, p -> new ArrayList<>()), window);
    }
}
