package org.yonderarc.keys;

import java.io.IOException;
import java.io.Writer;
import java.util.Set;
import javax.annotation.processing.AbstractProcessor;
import javax.annotation.processing.RoundEnvironment;
import javax.annotation.processing.SupportedAnnotationTypes;
import javax.lang.model.SourceVersion;
import javax.lang.model.element.Element;
import javax.lang.model.element.TypeElement;
import javax.tools.Diagnostic;

/** Makes the sources of every record that is annotated with {@code @Keys}. What it can't make is an error at the record or the component. */
@SupportedAnnotationTypes("*")
public final class KeysProcessor extends AbstractProcessor {
    @Override
    public SourceVersion getSupportedSourceVersion() {
        return SourceVersion.latest();
    }

    @Override
    public boolean process(Set<? extends TypeElement> annotations, RoundEnvironment round) {
        for (TypeElement annotation : annotations) {
            if (annotation.getQualifiedName().contentEquals(Said.KEYS)) {
                round.getElementsAnnotatedWith(annotation).forEach(this::make);
            }
        }
        // All are claimed: the compiler warns of those that nobody does, and no other processor runs.
        return true;
    }

    private void make(Element annotated) {
        try {
            var record = KeyedRecord.of((TypeElement) annotated, processingEnv.getElementUtils());
            write(ShapeSource.of(record));
            write(BuilderSource.of(record));
            if (!record.copies().isEmpty()) {
                write(CopySource.of(record));
            }
        } catch (KeyException wrong) {
            processingEnv.getMessager().printMessage(Diagnostic.Kind.ERROR, wrong.getMessage(), wrong.where());
        }
    }

    private void write(SourceFile file) {
        try (Writer out = processingEnv.getFiler().createSourceFile(file.name()).openWriter()) {
            out.write(file.text());
        } catch (IOException broken) {
            processingEnv
                    .getMessager()
                    .printMessage(Diagnostic.Kind.ERROR, file.name() + " can't be written: " + broken);
        }
    }
}
