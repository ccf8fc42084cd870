package app.gradior.measure;

/**
 * The pairs of letters in a name, as a set of bits: two pairs may share one, which likeness can bear.
 *
 * @param size how many there are
 */
record LetterPairs(long[] bits, int size) {
    private static final int BITS = 512;
    private static final int LONGEST = 80;

    static LetterPairs of(String text) {
        long[] bits = new long[BITS / Long.SIZE];
        char before = ' ';
        for (int i = 0; i <= Math.min(text.length(), LONGEST); i++) {
            char c = i < text.length() ? text.charAt(i) : ' ';
            int bit = (before * 31 + c) & BITS - 1;
            bits[bit / Long.SIZE] |= 1L << bit % Long.SIZE;
            before = c;
        }
        int size = 0;
        for (long part : bits) {
            size += Long.bitCount(part);
        }
        return new LetterPairs(bits, size);
    }

    int common(LetterPairs other) {
        int common = 0;
        for (int i = 0; i < bits.length; i++) {
            common += Long.bitCount(bits[i] & other.bits[i]);
        }
        return common;
    }

    /** From 0 for nothing in common to 1. */
    double likeness(LetterPairs other) {
        return 2.0 * common(other) / (size + other.size);
    }
}
