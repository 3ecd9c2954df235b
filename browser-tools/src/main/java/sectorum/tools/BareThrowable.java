package sectorum.tools;

import org.teavm.model.BasicBlock;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.MethodDescriptor;
import org.teavm.model.Program;
import org.teavm.model.Variable;
import org.teavm.model.instructions.ExitInstruction;

/**
 * Throwables without a trace: the compiler's library would ask the page for one through a bridge that needs scripts made at
 * run time, which the page's policy forbids, and nobody reads it there.
 */
public final class BareThrowable implements ClassHolderTransformer {
    private static final MethodDescriptor FILL = new MethodDescriptor("fillInStackTrace", Throwable.class);

    @Override
    public void transformClass(ClassHolder type, ClassHolderTransformerContext context) {
        if (type.getName().equals("java.lang.Throwable")) {
            Program program = new Program();
            Variable itself = program.createVariable();
            BasicBlock block = program.createBasicBlock();
            ExitInstruction exit = new ExitInstruction();
            exit.setValueToReturn(itself);
            block.add(exit);
            type.getMethod(FILL).setProgram(program);
        }
    }
}
