package app.gradior.web.learning;

import app.gradior.learning.BatchEvidence;
import app.gradior.learning.RangeKeeping;
import app.gradior.learning.Thickeners;
import app.gradior.learning.ThicknessKnowledge;
import app.gradior.learning.ThicknessKnowledge.Reading;
import app.gradior.plan.Use;
import app.gradior.web.batch.BatchSummaries;
import app.gradior.web.batch.ToldBatch;
import app.gradior.web.batch.ToldReading;
import app.gradior.web.batch.Verdict;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.kitchen.KitchenCache;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What a kitchen has learnt of its sauces, from the looks, plates and verdicts of its batches. */
@Component
public class SauceLearning {
    /** Who read the spoons of batches that nobody is known to have put on. */
    private static final String SOMEBODY = "";

    private final BatchSummaries summaries;
    private final Verdicts verdicts;
    private final LearningSinceMapper since;
    private final KitchenCache remembered;

    SauceLearning(BatchSummaries summaries, Verdicts verdicts, LearningSinceMapper since, KitchenCache remembered) {
        this.summaries = summaries;
        this.verdicts = verdicts;
        this.since = since;
        this.remembered = remembered;
    }

    /** What the kitchen knows of its sauces; gathered once until something of the kitchen changes. */
    public SaucesLearnt knowledge(UUID kitchen) {
        return remembered.of(kitchen, SaucesLearnt.class, () -> gather(kitchen));
    }

    private SaucesLearnt gather(UUID kitchen) {
        Map<String, Instant> afresh = new HashMap<>();
        since.all(kitchen).forEach(s -> afresh.put(s.kind() + " " + s.subject(), s.since()));
        Map<UUID, List<ToldReading>> readings =
                summaries.readings(kitchen).stream().collect(Collectors.groupingBy(ToldReading::cookId));
        Map<UUID, List<Verdict>> said = verdicts.all(kitchen).stream().collect(Collectors.groupingBy(Verdict::cookId));
        Map<UUID, TreeMap<Integer, Thickeners>> thickeners = new HashMap<>();
        Map<UUID, Integer> telling = new HashMap<>();
        List<ThicknessKnowledge.Batch> batches = new ArrayList<>();
        List<Double> z = new ArrayList<>();
        List<Double> left = new ArrayList<>();
        for (ToldBatch told : summaries.told(kitchen)) {
            boolean afterReset =
                    counts(told.finishedAt(), afresh.get(key(LearningSinceMapper.Kind.SAUCE, told.sauceId())));
            if (told.excluded() || told.finalGrade() == null || !afterReset) {
                continue;
            }
            if (told.zLeft() != null) {
                left.add(told.zLeft());
            }
            List<Reading> rows = new ArrayList<>();
            for (ToldReading reading : readings.getOrDefault(told.id(), List.of())) {
                rows.add(new Reading(reading.kind(), reader(told.cookedBy()), null, reading.y(), reading.v()));
                z.add(reading.z());
            }
            for (Verdict verdict : said.getOrDefault(told.id(), List.of())) {
                String subject = wish(verdict.person(), told.useFor());
                if (told.useFor() != null
                        && counts(verdict.at(), afresh.get(LearningSinceMapper.Kind.WISH + " " + subject))) {
                    BatchEvidence.verdict(
                                    verdict.person(),
                                    told.useFor(),
                                    verdict.thickness(),
                                    told.finalGrade(),
                                    told.structure())
                            .ifPresent(rows::add);
                }
            }
            if (!rows.isEmpty()) {
                thickeners
                        .computeIfAbsent(told.sauceId(), s -> new TreeMap<>())
                        .put(told.sauceVersion(), told.thickened());
                telling.merge(told.sauceId(), 1, Integer::sum);
                batches.add(new ThicknessKnowledge.Batch(told.id(), told.sauceId(), told.sauceVersion(), rows));
            }
        }
        Map<UUID, ThicknessKnowledge.Versions> versions = new HashMap<>();
        thickeners.forEach((sauce, made) -> versions.put(sauce, versions(made)));
        RangeKeeping kept = kept(z);
        return new SaucesLearnt(new ThicknessKnowledge(batches, versions, kept), thickeners, telling, kept, kept(left));
    }

    private static RangeKeeping kept(List<Double> z) {
        return RangeKeeping.of(z.stream().mapToDouble(d -> d).toArray());
    }

    /** Entries at the stove carry no name: who put a batch on is taken to have read it. */
    static String reader(String person) {
        return person == null ? SOMEBODY : person;
    }

    private static ThicknessKnowledge.Versions versions(TreeMap<Integer, Thickeners> made) {
        List<Integer> numbers = new ArrayList<>(made.keySet());
        List<Double> distances = new ArrayList<>();
        for (int i = 1; i < numbers.size(); i++) {
            distances.add(made.get(numbers.get(i)).distance(made.get(numbers.get(i - 1))));
        }
        return new ThicknessKnowledge.Versions(numbers, distances);
    }

    private static boolean counts(Instant at, Instant afresh) {
        return afresh == null || !at.isBefore(afresh);
    }

    private static String key(LearningSinceMapper.Kind kind, UUID subject) {
        return kind + " " + subject;
    }

    private static String wish(String person, Use use) {
        return use + " " + person;
    }

    /** Learns a sauce afresh from now on. */
    public void forgetSauce(UUID kitchen, UUID sauce, Instant now) {
        since.add(kitchen, LearningSinceMapper.Kind.SAUCE, sauce.toString(), now);
    }

    /** Learns what a person calls thick enough for a use afresh from now on. */
    public void forgetWish(UUID kitchen, String person, Use use, Instant now) {
        since.add(kitchen, LearningSinceMapper.Kind.WISH, wish(person, use), now);
    }
}
