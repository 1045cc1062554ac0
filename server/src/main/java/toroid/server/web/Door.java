package toroid.server.web;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * Who may come in. On loopback without a password anybody on this machine may; bound to anything else a password must be set,
 * and is then asked for.
 */
@Component
class Door {
    private final String passwordHash;
    private final List<String> hosts;
    private final InetAddress address;

    Door(
            @Value("${server.address}") InetAddress address,
            @Value("${toroid.password-file}") String passwordFile,
            @Value("${toroid.hosts}") String hosts)
            throws IOException {
        passwordHash = read(passwordFile);
        this.address = address;
        this.hosts = Arrays.stream(hosts.split(","))
                .map(String::strip)
                .filter(h -> !h.isEmpty())
                .toList();
        if (!address.isLoopbackAddress() && passwordHash == null) {
            throw new IllegalStateException("Toroid is to listen on " + address.getHostAddress()
                    + ", where others can reach it, but no password is set. Run ./toroid passwd first.");
        }
    }

    private static String read(String passwordFile) throws IOException {
        if (passwordFile.isBlank() || !Files.exists(Path.of(passwordFile))) {
            return null;
        }
        String hash = Files.readString(Path.of(passwordFile)).strip();
        return hash.isEmpty() ? null : hash;
    }

    boolean asksForPassword() {
        return passwordHash != null;
    }

    boolean opensFor(String password) {
        return passwordHash != null && new BCryptPasswordEncoder().matches(password, passwordHash);
    }

    /** Loopback names, addresses written as such, and the names the maker allowed; anything else is refused. */
    boolean knowsHost(String hostHeader) {
        if (hostHeader == null) {
            return false;
        }
        String host = hostHeader.replaceFirst(":\\d+$", "").toLowerCase(java.util.Locale.ROOT);
        return List.of("127.0.0.1", "localhost", "[::1]").contains(host)
                || hosts.contains(host)
                || (asksForPassword() && isOwnAddress(host));
    }

    /** An address in digits that this machine has; never a name, which could be rebound. */
    private static boolean isOwnAddress(String host) {
        if (!host.matches("[0-9.]+|\\[[0-9a-f:]+]")) {
            return false;
        }
        try {
            return NetworkInterface.getByInetAddress(InetAddress.getByName(host)) != null;
        } catch (UnknownHostException | SocketException unknown) {
            return false;
        }
    }

    /** Addresses another device in the house reaches this machine by; none while it listens to itself alone. */
    List<String> addresses() {
        if (address.isLoopbackAddress()) {
            return List.of();
        }
        if (!address.isAnyLocalAddress()) {
            return List.of(address.getHostAddress());
        }
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(one -> one instanceof Inet4Address && one.isSiteLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .sorted()
                    .toList();
        } catch (SocketException none) {
            return List.of();
        }
    }
}
