package sectorum.tasks;

import java.util.List;
import sectorum.days.Task;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.technique.Gesture;
import sectorum.technique.Making;

/**
 * One step of the whole work, with what it needs now and nothing else (craft 5.3).
 *
 * @param task the task it belongs to, as the days name it
 * @param name the task's name
 * @param number among all steps, from 1
 * @param gesture what the hand does
 * @param joint what it is stuck with; empty: nothing
 * @param pause how long it is left alone after; absent: not at all
 * @param checks what to look at before going on; none: nothing in particular
 * @param caution a hazard and how to keep out of it; empty: none
 * @param lasting whether it cannot be undone
 * @param guard for what cannot be undone: tasks that come before and are still open, in words
 */
public record Instruction(
        String task,
        String name,
        Task.Kind kind,
        String tier,
        String about,
        int number,
        Gesture gesture,
        Phrase what,
        String tool,
        String joint,
        double minutes,
        @Absent Making.Pause pause,
        List<Phrase> checks,
        String caution,
        boolean lasting,
        List<String> guard) {
    Instruction then(Making.Pause rest) {
        return new Instruction(
                task, name, kind, tier, about, number, gesture, what, tool, joint, minutes, rest, checks, caution,
                lasting, guard);
    }
}
