package grimygasket.e2e;

/** The windows that the application is made for. */
enum Size {
    DESK(1280, 800),
    PHONE(390, 844);

    private final int width;
    private final int height;

    Size(int width, int height) {
        this.width = width;
        this.height = height;
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }
}
