package app.gradior.web.sauce;

import java.time.Instant;
import java.util.UUID;

/** A version of a sauce as it was typed. */
public record Sauce(UUID id, int version, String name, String text, Instant savedAt) {}
