package app.gradior.web.batch;

import app.gradior.learning.ThicknessKnowledge;
import java.util.UUID;

/** A look or a plate of a batch, in grades beyond the model, with its variance and how far it was from what was forecast. */
public record ToldReading(UUID cookId, ThicknessKnowledge.Kind kind, double y, double v, double z) {}
