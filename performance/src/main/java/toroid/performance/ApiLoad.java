package toroid.performance;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Pattern;

/**
 * Loads the running server's API from this machine: each endpoint in turn with a no-op of the same server in between, so that
 * a drifting machine cancels out of the ratio. Counts are fixed; it stops by itself. Prints a Markdown table.
 */
public final class ApiLoad {
    private static final int CLIENTS = 4;
    private static final int CALLS_PER_CLIENT = 250;
    private static final int ROUNDS = 3;

    private record Endpoint(String name, String method, String path, String body) {}

    private record Figures(double perSecond, double medianMs, double p95Ms) {}

    private static final Endpoint NO_OP = new Endpoint("no-op (GET /actuator/health)", "GET", "/actuator/health", null);
    private static final List<Endpoint> ENDPOINTS = List.of(
            new Endpoint(
                    "POST /api/rings/solve",
                    "POST",
                    "/api/rings/solve",
                    "{\"wireDiameterMm\":1,\"mandrelDiameterMm\":4.5,\"metal\":\"brass\",\"ringCount\":300,\"cut\":{\"method\":\"saw\",\"kerfMm\":0.3}}"),
            new Endpoint("POST /api/line", "POST", "/api/line", "{\"text\":\"300 rings 18ga id 3.5 brass saw 0.3\"}"),
            new Endpoint(
                    "POST /api/rings/table",
                    "POST",
                    "/api/rings/table",
                    "{\"cut\":{\"method\":\"saw\",\"kerfMm\":0.3}}"),
            new Endpoint(
                    "POST /api/forms/bead-link/solve",
                    "POST",
                    "/api/forms/bead-link/solve",
                    "{\"wireDiameterMm\":0.8}"),
            new Endpoint("GET /api/bench", "GET", "/api/bench", null),
            new Endpoint("GET /api/notebook", "GET", "/api/notebook", null));

    private ApiLoad() {}

    public static void main(String[] arguments) throws Exception {
        String base = arguments[0];
        var client =
                HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
        run(client, base, NO_OP);
        System.out.println("| call | calls a second | median, ms | 95 %, ms | median against the no-op beside it |");
        System.out.println("| --- | --- | --- | --- | --- |");
        for (Endpoint endpoint : ENDPOINTS) {
            run(client, base, endpoint);
            double[] ratios = new double[ROUNDS];
            Figures last = null;
            for (int round = 0; round < ROUNDS; round++) {
                Figures nothing = run(client, base, NO_OP);
                last = run(client, base, endpoint);
                ratios[round] = last.medianMs() / nothing.medianMs();
            }
            Arrays.sort(ratios);
            System.out.printf(
                    "| %s | %.0f | %.2f | %.2f | %.1f× |%n",
                    endpoint.name(), last.perSecond(), last.medianMs(), last.p95Ms(), ratios[ROUNDS / 2]);
        }
    }

    private static Figures run(HttpClient client, String base, Endpoint endpoint) throws Exception {
        var pool = Executors.newFixedThreadPool(CLIENTS);
        try {
            long began = System.nanoTime();
            List<Future<double[]>> futures = new ArrayList<>();
            for (int i = 0; i < CLIENTS; i++) {
                futures.add(pool.submit(() -> calls(client, base, endpoint)));
            }
            double[] all = new double[CLIENTS * CALLS_PER_CLIENT];
            for (int i = 0; i < CLIENTS; i++) {
                System.arraycopy(futures.get(i).get(), 0, all, i * CALLS_PER_CLIENT, CALLS_PER_CLIENT);
            }
            double seconds = (System.nanoTime() - began) / 1e9;
            Arrays.sort(all);
            return new Figures(all.length / seconds, all[all.length / 2], all[(int) (all.length * 0.95)]);
        } finally {
            pool.shutdown();
        }
    }

    private static double[] calls(HttpClient client, String base, Endpoint endpoint) throws Exception {
        var request = HttpRequest.newBuilder(URI.create(base + endpoint.path()))
                .timeout(Duration.ofSeconds(10))
                .header("Content-Type", "application/json")
                .method(
                        endpoint.method(),
                        endpoint.body() == null
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(endpoint.body()))
                .build();
        double[] milliseconds = new double[CALLS_PER_CLIENT];
        for (int i = 0; i < CALLS_PER_CLIENT; i++) {
            long began = System.nanoTime();
            int status = waited(client, base, client.send(request, HttpResponse.BodyHandlers.ofString()));
            milliseconds[i] = (System.nanoTime() - began) / 1e6;
            if (status != 200) {
                throw new IllegalStateException(endpoint.name() + " answered " + status);
            }
        }
        return milliseconds;
    }

    /** The status at last: what takes longer than a moment is asked for under its number. */
    private static int waited(HttpClient client, String base, HttpResponse<String> first) throws Exception {
        HttpResponse<String> answer = first;
        while (answer.statusCode() == 202) {
            var number = EFFORT.matcher(answer.body());
            if (!number.find()) {
                throw new IllegalStateException("202 without a number: " + answer.body());
            }
            var ask = HttpRequest.newBuilder(URI.create(base + "/api/efforts/" + number.group(1)))
                    .build();
            answer = client.send(ask, HttpResponse.BodyHandlers.ofString());
        }
        return answer.statusCode();
    }

    private static final Pattern EFFORT = Pattern.compile("\"effort\"\\s*:\\s*\"([^\"]+)\"");
}
