package grimygasket.server.accounts.devices;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.visit.ring.Authority;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The browsers in use: everybody sees their own, and the lead all of them. */
@RestController
@RequestMapping("/api/devices")
class DevicesController {
    /**
     * A browser that somebody is, or was, signed in with.
     *
     * @param here whether it is the one that asks
     * @param lostAt when it was signed out as lost, in milliseconds since 1970; null for one that is not
     * @param toldAt when it was told to forget all; null for one that has not been heard of since
     */
    record DeviceView(
            UUID id,
            String owner,
            String name,
            boolean here,
            long seenAt,
            @Nullable Long lostAt,
            @Nullable Long toldAt) {
        static DeviceView of(Devices.Device device, boolean here) {
            return new DeviceView(
                    device.id(),
                    device.owner(),
                    device.name(),
                    here,
                    device.seenAt().toEpochMilli(),
                    device.lostAt() == null ? null : device.lostAt().toEpochMilli(),
                    device.toldAt() == null ? null : device.toldAt().toEpochMilli());
        }
    }

    private final Devices devices;

    DevicesController(Devices devices) {
        this.devices = devices;
    }

    @GetMapping
    List<DeviceView> devices(@AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        var here = devices.of(request);
        return seenBy(me).stream()
                .map(device ->
                        DeviceView.of(device, here.filter(device.id()::equals).isPresent()))
                .toList();
    }

    private List<Devices.Device> seenBy(SignedIn me) {
        return devices.all(me.rank() == Authority.LEAD ? null : me.id());
    }

    /** Symptoms a device out that is lost. */
    @PostMapping("/{id}/lost")
    List<DeviceView> lose(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        if (seenBy(me).stream().noneMatch(device -> device.id().equals(id))) {
            throw new Problem(Kind.NOT_FOUND, "This device is not among yours.");
        }
        devices.lose(id);
        return devices(me, request);
    }
}
