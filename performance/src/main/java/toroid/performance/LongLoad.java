package toroid.performance;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;

/**
 * A workshop at work for some minutes: readers who open one list after another, editors who type (each change worked out and kept), and one who has
 * something heavy solved again and again. Latencies by what was done, errors, and the server's memory minute by minute; as Markdown.
 */
public final class LongLoad {
    private static final int READERS = 100;
    private static final int EDITORS = 20;

    /** Between two things one reader opens, and two keys an editor's pause lies between, ms. */
    private static final int READS_EACH_MS = 2000;

    private static final int TYPES_EACH_MS = 1000;

    /** Nobody opens a workshop in the same moment as all others: they come in over this time, ms. */
    private static final int COME_IN_OVER_MS = 20_000;

    private static final List<String> LISTS = List.of(
            "/api/bench",
            "/api/notebook",
            "/api/notebook/learnt",
            "/api/jobs/ring",
            "/api/jobs/form",
            "/api/lots",
            "/api/exercises");

    private static final String JOB =
            "{\"name\":\"Load\",\"spoolId\":null,\"metal\":\"copper\",\"temper\":\"HALF_HARD\",\"wireDiameterMm\":1.0,"
                    + "\"convention\":\"MANDREL\",\"aimValue\":%s,\"ringCount\":20,\"sparePercent\":5,\"turnsPerRing\":1,\"cut\":"
                    + "{\"method\":\"saw\",\"kerfMm\":0.3,\"trimMm\":null,\"flipped\":null},\"winding\":\"TURNED\",\"leadMm\":25,"
                    + "\"tailMm\":40,\"spoiltTurnsPerEnd\":1,\"usableMandrelMm\":180,\"note\":\"\"}";

    private static final Pattern VERSION = Pattern.compile("\"version\"\\s*:\\s*(\\d+)");
    private static final Pattern EFFORT = Pattern.compile("\"effort\"\\s*:\\s*\"([^\"]+)\"");

    private final URI base;
    private final long until;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final Map<String, ConcurrentLinkedQueue<Double>> took = new ConcurrentHashMap<>();
    private final ConcurrentLinkedQueue<String> errors = new ConcurrentLinkedQueue<>();

    private LongLoad(String base, long minutes) {
        this.base = URI.create(base);
        this.until = System.nanoTime() + TimeUnit.MINUTES.toNanos(minutes);
    }

    /** @param arguments address, process id of the server, minutes */
    public static void main(String[] arguments) throws Exception {
        new LongLoad(arguments[0], Long.parseLong(arguments[2])).run(arguments[1]);
    }

    private void run(String process) throws Exception {
        send(request("/api/session").GET());
        var hands = Executors.newFixedThreadPool(READERS + EDITORS + 1);
        var memory = new StringBuilder();
        for (int i = 0; i < READERS; i++) {
            int seed = i;
            hands.submit(() -> reads(new Random(seed)));
        }
        for (int i = 0; i < EDITORS; i++) {
            int seed = i;
            hands.submit(() -> types(new Random(1000 + seed)));
        }
        hands.submit(this::solves);
        hands.shutdown();
        do {
            memory.append(memory.isEmpty() ? "" : ", ").append(residentMib(process));
        } while (!hands.awaitTermination(1, TimeUnit.MINUTES));
        System.out.println("| what | times | median, ms | 95 %, ms | 99 %, ms | longest, ms |");
        System.out.println("| --- | --- | --- | --- | --- | --- |");
        took.keySet().stream().sorted().forEach(this::told);
        System.out.println("\nErrors: " + errors.size() + ".");
        errors.stream().distinct().limit(10).forEach(one -> System.out.println("- " + one));
        System.out.println("\nThe server's memory, MiB, minute by minute: " + memory + ".");
    }

    private void told(String what) {
        double[] all = took.get(what).stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(all);
        System.out.printf(
                "| %s | %d | %.1f | %.1f | %.1f | %.0f |%n",
                what, all.length, share(all, 0.5), share(all, 0.95), share(all, 0.99), all[all.length - 1]);
    }

    private static double share(double[] sorted, double share) {
        return sorted[Math.min(sorted.length - 1, (int) (sorted.length * share))];
    }

    private static String residentMib(String process) throws IOException {
        return Files.readAllLines(Path.of("/proc", process, "status")).stream()
                .filter(line -> line.startsWith("VmRSS"))
                .map(line -> String.valueOf(Long.parseLong(line.replaceAll("\\D", "")) / 1024))
                .findFirst()
                .orElse("gone");
    }

    private boolean goesOn() {
        return System.nanoTime() < until;
    }

    private void reads(Random chance) {
        pause(chance.nextInt(COME_IN_OVER_MS));
        while (goesOn()) {
            String list = LISTS.get(chance.nextInt(LISTS.size()));
            timed("open " + list, () -> send(request(list).GET()));
            pause(about(chance, READS_EACH_MS));
        }
    }

    private void types(Random chance) {
        String id = UUID.randomUUID().toString();
        String version = "null";
        pause(chance.nextInt(COME_IN_OVER_MS));
        while (goesOn()) {
            String job = JOB.formatted(3 + 0.01 * chance.nextInt(400));
            timed("type: work it out", () -> send(written("POST", "/api/rings/sheet", job)));
            String edit = "{\"version\":" + version + ",\"data\":" + job + "}";
            HttpResponse<String> kept =
                    timed("type: keep it", () -> send(written("PUT", "/api/jobs/ring/" + id, edit)));
            if (kept != null) {
                var said = VERSION.matcher(kept.body());
                version = said.find() ? said.group(1) : version;
            }
            pause(about(chance, TYPES_EACH_MS));
        }
    }

    /** Rings nobody has solved, one question after another. */
    private void solves() {
        for (int i = 0; goesOn(); i++) {
            String star = "{\"wireDiameterMm\":1,\"innerDiameterMm\":" + (4.4 + 0.0017 * i)
                    + ",\"hubWireMm\":1.2,\"arms\":4,\"rows\":1,\"hubs\":1,\"bail\":false}";
            timed("solve a star", () -> waited(send(written("POST", "/api/weaves/box-chain/composition", star))));
        }
    }

    private interface Asking {
        HttpResponse<String> ask() throws IOException, InterruptedException;
    }

    private HttpResponse<String> timed(String what, Asking asking) {
        long began = System.nanoTime();
        try {
            HttpResponse<String> answer = asking.ask();
            took.computeIfAbsent(what, any -> new ConcurrentLinkedQueue<>()).add((System.nanoTime() - began) / 1e6);
            if (answer.statusCode() != 200) {
                errors.add(what + ": " + answer.statusCode());
                return null;
            }
            return answer;
        } catch (IOException | InterruptedException failure) {
            errors.add(what + ": " + failure.getClass().getSimpleName());
            return null;
        }
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(base.resolve(path)).timeout(Duration.ofSeconds(60));
    }

    private HttpRequest.Builder written(String method, String path, String body) {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(java.net.HttpCookie::getValue)
                .findFirst()
                .orElse("");
        return request(path)
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .method(method, HttpRequest.BodyPublishers.ofString(body));
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** What takes longer than a moment is asked for under its number. */
    private HttpResponse<String> waited(HttpResponse<String> first) throws IOException, InterruptedException {
        HttpResponse<String> answer = first;
        while (answer.statusCode() == 202) {
            var number = EFFORT.matcher(answer.body());
            if (!number.find()) {
                return answer;
            }
            answer = send(request("/api/efforts/" + number.group(1)).GET());
        }
        return answer;
    }

    private static int about(Random chance, int ms) {
        return ms / 2 + chance.nextInt(ms);
    }

    private static void pause(int ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
