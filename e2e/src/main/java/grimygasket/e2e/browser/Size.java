package grimygasket.e2e.browser;

/** The windows that the application is made for. */
public enum Size {
    DESK(1280, 800),
    PHONE(390, 844);

    private final int width;
    private final int height;

    Size(int width, int height) {
        this.width = width;
        this.height = height;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }
}
