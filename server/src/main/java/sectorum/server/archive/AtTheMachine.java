package sectorum.server.archive;

import java.nio.file.Path;
import java.util.List;
import org.apache.commons.logging.Log;
import org.apache.commons.logging.LogFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.stereotype.Component;
import sectorum.measure.Refused;

/** What {@code ./start --backup} and {@code --restore} ask of the application: done once it stands, and then it ends. */
@Component
class AtTheMachine implements ApplicationRunner {
    private static final Log log = LogFactory.getLog(AtTheMachine.class);

    private final MachineBackup backup;
    private final ConfigurableApplicationContext context;

    AtTheMachine(MachineBackup backup, ConfigurableApplicationContext context) {
        this.backup = backup;
        this.context = context;
    }

    @Override
    public void run(ApplicationArguments asked) {
        List<String> out = asked.getOptionValues("backup");
        List<String> in = asked.getOptionValues("restore");
        if (out == null && in == null) {
            return;
        }
        int ended = 0;
        try {
            if (out != null) {
                backup.write(Path.of(out.get(0)));
            } else {
                backup.restore(Path.of(in.get(0))).forEach(log::info);
            }
        } catch (Refused refused) {
            log.error(refused.phrase());
            ended = 4;
        }
        int code = ended;
        System.exit(SpringApplication.exit(context, () -> code));
    }
}
