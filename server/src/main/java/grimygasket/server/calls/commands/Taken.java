package grimygasket.server.calls.commands;

import grimygasket.call.Call;
import java.util.UUID;

/**
 * What a device is told of a command that was taken. Where the version is the one that its own core came to, its call is the
 * server's.
 *
 * @param version of the call as it then stands
 */
public record Taken(UUID call, int version) {
    public static Taken of(Call call) {
        var head = call.head();
        return new Taken(head.id(), head.version());
    }
}
