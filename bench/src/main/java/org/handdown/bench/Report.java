package org.handdown.bench;

import java.util.Collection;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs all benchmarks and prints each figure with its ratio to the reference of the same run. */
public final class Report {
    private static final String REFERENCE = "referenceAreaOverlap";

    private Report() {}

    public static void main(String[] args) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(LayBenchmark.class.getName())
                        .build())
                .run();
        double reference = results.stream()
                .filter(r -> name(r).equals(REFERENCE))
                .mapToDouble(r -> r.getPrimaryResult().getScore())
                .findFirst()
                .orElse(Double.NaN);
        System.out.println();
        for (RunResult result : results) {
            double score = result.getPrimaryResult().getScore();
            System.out.printf("%-28s %10.3f ms/op %8.1f × %s%n", name(result), score, score / reference, REFERENCE);
        }
    }

    private static String name(RunResult result) {
        String benchmark = result.getParams().getBenchmark();
        return benchmark.substring(benchmark.lastIndexOf('.') + 1);
    }
}
