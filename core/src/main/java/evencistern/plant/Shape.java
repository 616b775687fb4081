package evencistern.plant;

/** How a plant stands: its usual height against its width, and how well that tells its size; typical, from memory. */
public enum Shape {
    UPRIGHT(1.5, 1.5),
    ROSETTE(0.5, 1.35),
    MOUND(0.9, 1.5),
    TRAILING(0.6, 1.6),
    TREE(1.4, Math.sqrt(3));

    private final double tall;
    private final double off;

    Shape(double tall, double off) {
        this.tall = tall;
        this.off = off;
    }

    /** Height against width. */
    public double tall() {
        return tall;
    }

    /**
     * By what factor the leaves of four plants in five of which no size is told may be more, or less, than usual: a tree's lie
     * within a factor of three.
     */
    public double off() {
        return off;
    }
}
