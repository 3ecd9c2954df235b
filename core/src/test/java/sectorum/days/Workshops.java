package sectorum.days;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import sectorum.bench.Basis;
import sectorum.bench.Storage;

/** Seeded workshops with orders that share them. */
record Workshops(List<OrderTasks> orders, Workshop workshop) {
    static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    static final LocalDateTime READY = LocalDateTime.of(2026, 12, 12, 14, 0);

    static Workshops of(Random random, int mostOrders, int mostTasks) {
        Workshop workshop = workshop(random);
        List<OrderTasks> orders = new ArrayList<>();
        int many = 1 + random.nextInt(mostOrders);
        for (int i = 0; i < many; i++) {
            long ready = Moments.of(READY, ZONE) + random.nextInt(10 * 24) * 60L;
            // Every seventh workshop bakes across the night when the clocks change.
            ready -= random.nextInt(7) == 0 ? 48L * 24 * 60 : 0;
            orders.add(order("order-" + i, ready, random, 1 + random.nextInt(mostTasks)));
        }
        return new Workshops(orders, workshop);
    }

    private static Workshop workshop(Random random) {
        List<List<Workshop.Hours>> week = new ArrayList<>();
        for (int day = 0; day < 7; day++) {
            int from = 7 * 60 + 30 * random.nextInt(6);
            week.add(
                    day > 0 && random.nextInt(4) == 0
                            ? List.of()
                            : random.nextBoolean()
                                    ? List.of(new Workshop.Hours(from, from + 60 * (2 + random.nextInt(9))))
                                    : List.of(
                                            new Workshop.Hours(from, from + 180),
                                            new Workshop.Hours(from + 240, from + 420)));
        }
        Map<Storage, Integer> places = new EnumMap<>(Storage.class);
        for (Storage storage : List.of(Storage.FRIDGE, Storage.FORMER, Storage.FREEZER)) {
            if (random.nextBoolean()) {
                places.put(storage, 1 + random.nextInt(3));
            }
        }
        return new Workshop(ZONE, week, 1 + random.nextInt(3), places);
    }

    private static OrderTasks order(String id, long ready, Random random, int many) {
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            List<Dependency> needs = new ArrayList<>();
            for (int j = Math.max(0, i - 3); j < i; j++) {
                if (random.nextInt(3) == 0) {
                    needs.add(need("t" + j, random));
                }
            }
            tasks.add(task("t" + i, 5 * (1 + random.nextInt(18)), random.nextInt(3) == 0, rest(random), needs)
                    .paired(random.nextInt(6) == 0 ? 2 : 1));
        }
        long damp = ready - 60L * random.nextInt(200);
        Air air = random.nextBoolean()
                ? Air.USUAL
                : new Air(List.of(
                        new Air.Step(Long.MIN_VALUE, 1), new Air.Step(damp, 2.5), new Air.Step(damp + 900, 0.85)));
        return new OrderTasks(id, id, ready, tasks, air);
    }

    private static Dependency need(String on, Random random) {
        return switch (random.nextInt(5)) {
            case 0 -> Dependency.between(on, 0, 60);
            case 1 -> Dependency.between(on, 480, 1440);
            default -> Dependency.after(on);
        };
    }

    private static Rest rest(Random random) {
        Storage storage = Storage.values()[random.nextInt(4)];
        return switch (random.nextInt(4)) {
            case 0 -> new Rest(storage, 1, 15, 20, Basis.CRAFT, false);
            case 1 ->
                new Rest(storage, 1 + random.nextInt(2), 400, 600 + 60 * random.nextInt(30), Basis.PLAIN_DRYING, true);
            default -> null;
        };
    }

    static Task task(String id, int minutes, boolean pauses, Rest rest, List<Dependency> needs) {
        return new Task(
                TaskName.of(id),
                id,
                Task.Kind.OWN,
                "",
                "",
                1,
                minutes,
                pauses,
                rest,
                needs,
                0,
                null,
                false,
                Basis.STATED);
    }
}
