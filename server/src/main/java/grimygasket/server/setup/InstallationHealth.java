package grimygasket.server.setup;

import java.io.File;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.availability.ApplicationAvailability;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** The state of the whole installation, in the words that {@code ./start} uses: {@code state} of {@code /actuator/health}. */
@Component("installation")
class InstallationHealth implements HealthIndicator {
    enum State {
        STARTING,
        READY,
        DATABASE_AWAY,
        DISK_FULL,
        STOPPING
    }

    private static final int SECONDS_TO_ANSWER = 5;

    private final ApplicationAvailability availability;
    private final DataSource database;
    private final File folder;
    private final DataSize room;
    private boolean wasReady;

    /** @param room that the database wants to go on, in megabytes */
    InstallationHealth(
            ApplicationAvailability availability,
            DataSource database,
            @Value("${GASKET_FOLDER:.}") File folder,
            @Value("${GASKET_ROOM:64}") long room) {
        this.availability = availability;
        this.database = database;
        this.folder = folder;
        this.room = DataSize.ofMegabytes(room);
    }

    @Override
    public Health health() {
        var state = state();
        return (state == State.READY ? Health.up() : Health.outOfService())
                .withDetail("state", state)
                .build();
    }

    private synchronized State state() {
        boolean takesRequests = availability.getReadinessState() == ReadinessState.ACCEPTING_TRAFFIC;
        if (!takesRequests) {
            return wasReady ? State.STOPPING : State.STARTING;
        }
        wasReady = true;
        if (folder.getUsableSpace() < room.toBytes()) {
            return State.DISK_FULL;
        }
        return answers() ? State.READY : State.DATABASE_AWAY;
    }

    private boolean answers() {
        try (var connection = database.getConnection()) {
            return connection.isValid(SECONDS_TO_ANSWER);
        } catch (SQLException e) {
            return false;
        }
    }
}
