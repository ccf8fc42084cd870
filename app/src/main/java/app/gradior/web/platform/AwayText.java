package app.gradior.web.platform;

/** What a page says whose database can't be had. */
final class AwayText {
    static final String OUT_OF_REACH = "Gradior can't reach its database just now.";
    static final String FULL = "The disk that Gradior writes to is full: whoever runs it has to make room.";

    private AwayText() {}
}
