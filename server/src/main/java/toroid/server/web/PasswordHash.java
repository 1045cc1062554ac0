package toroid.server.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

/** Reads a password from standard input and prints its bcrypt hash; run by {@code ./toroid passwd}. */
public final class PasswordHash {
    private PasswordHash() {}

    public static void main(String[] arguments) throws IOException {
        String password = new String(System.in.readAllBytes(), StandardCharsets.UTF_8);
        System.out.println(new BCryptPasswordEncoder(12).encode(password));
    }
}
