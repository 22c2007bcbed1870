/**
 * What the {@code yonder} command does, for Java programs: one {@link org.yonderarc.tasks.Task} for each use. Start with
 * {@link org.yonderarc.tasks.Project}, which reads a plan with its icons, pictures and fonts:
 *
 * <pre>{@code
 * Project project = Project.open(Path.of("brinelight.yaml"));
 * Artifact sheet = SheetTask.builder().across("device").down("scheme").build().run(project);
 * SafeFile.write(Path.of("devices.png"), sheet.bytes());
 * }</pre>
 *
 * <p>A task reads no file and writes none; what it makes is an {@link org.yonderarc.tasks.Artifact}. It is immutable, so one can run for
 * many plans and in many threads. What can't be made is an {@link org.yonderarc.tasks.InvalidRequestException}, whose message says why
 * and what to do.
 */
@NullMarked
package org.yonderarc.tasks;

import org.jspecify.annotations.NullMarked;
