package app.gradior.web.sauce;

/**
 * The recipe that a sauce was made of, as it was published.
 *
 * @param source where it stands, such as its address; null if that is not known
 * @param published its text
 */
public record SauceOrigin(String source, String published) {
    /** Whether the source is an address that a browser may be sent to. */
    public boolean hasLink() {
        return source != null && (source.startsWith("https://") || source.startsWith("http://"));
    }
}
