package org.quay;

import static java.awt.GridBagConstraints.FIRST_LINE_START;
import static java.awt.GridBagConstraints.NONE;

import java.awt.Component;
import java.awt.GridBagConstraints;
import java.awt.GridBagLayout;
import java.awt.Insets;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.function.IntConsumer;
import javax.swing.BorderFactory;
import javax.swing.JButton;
import javax.swing.JComponent;
import javax.swing.JFrame;
import javax.swing.JLabel;
import javax.swing.JList;
import javax.swing.JPanel;
import javax.swing.JScrollPane;
import javax.swing.JTextArea;
import javax.swing.JTextField;
import javax.swing.SwingUtilities;
import javax.swing.UIManager;
import org.yonderarc.desktop.AppPanel;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.PlanFile;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;

/** An app in a window: the bars of its plan, with its own screens between them. */
public final class Quay {
    private final Navigator navigator;
    private final Harbour harbour;

    Quay(Executor events, Executor network) {
        navigator = new Navigator(plan(), events);
        harbour = new Harbour(network);
        // The badge follows the model.
        harbour.onLetters(count -> navigator.tell(Places.Facts.LETTERS, count));
    }

    static Plan plan() {
        return PlanFile.require(Quay.class, "plan.yaml");
    }

    Navigator navigator() {
        return navigator;
    }

    /**
     * Opens the window where the person left it.
     *
     * @param links addresses to go to then, such as {@code /boats/3}
     */
    public static void main(String[] links) {
        Path saved = Path.of(System.getProperty("user.home"), ".quay");
        SwingUtilities.invokeLater(() -> {
            var quay = new Quay(SwingUtilities::invokeLater, CompletableFuture.delayedExecutor(1, TimeUnit.SECONDS));
            quay.restore(saved);
            List.of(links).forEach(quay.navigator::follow);
            quay.open();
            Runtime.getRuntime().addShutdownHook(new Thread(() -> quay.save(saved)));
        });
    }

    void restore(Path saved) {
        try {
            if (Files.exists(saved)) {
                navigator.restore(Files.readString(saved));
            }
        } catch (IOException | IllegalArgumentException unusable) {
            System.err.println("Quay begins at its start: " + unusable.getMessage());
        }
    }

    void save(Path saved) {
        try {
            Files.writeString(saved, navigator.save());
        } catch (IOException failed) {
            System.err.println("Quay will begin at its start: " + failed.getMessage());
        }
    }

    private void open() {
        var frame = new JFrame(plan().app().name());
        var panel = new AppPanel(navigator, new Studio(), this::content);
        frame.add(panel);
        // The app's own components take the colours and the font of the bars.
        UIManager.getDefaults().putAll(panel.lookDefaults());
        SwingUtilities.updateComponentTreeUI(frame);
        frame.setDefaultCloseOperation(JFrame.EXIT_ON_CLOSE);
        frame.setSize(1000, 720);
        frame.setVisible(true);
    }

    /** The app's own screens; for the others, the sample content of the plan shows. */
    Optional<Component> content(Place place) {
        return switch (place.screen()) {
            case Places.Screens.BOATS -> Optional.of(boats());
            case Places.Screens.BOAT -> Optional.of(boat(place.integer("boat").orElseThrow()));
            case Places.Screens.MAIL -> Optional.of(mail());
            case Places.Screens.SIGN_IN -> Optional.of(signIn());
            default -> Optional.empty();
        };
    }

    private JComponent boats() {
        return list(harbour.boats(), index -> navigator.open(Places.boat(index + 1)));
    }

    private JComponent boat(long number) {
        List<String> boats = harbour.boats();
        if (number < 1 || number > boats.size()) {
            return page(new JLabel("There is no boat " + number + "."));
        }
        return page(
                new JLabel(boats.get((int) number - 1) + " is at berth " + (number + 8) + "."),
                new JLabel("Notes"),
                new JScrollPane(new JTextArea(6, 30)));
    }

    private JComponent mail() {
        List<String> letters = harbour.letters();
        return list(letters, index -> harbour.read(letters.get(index)));
    }

    /** Once the fact is told, the navigator itself goes on to the screen that was asked for. */
    private JComponent signIn() {
        var name = new JTextField(20);
        var told = new JLabel("Who are you?");
        return page(told, name, button("Sign in", () -> {
            told.setText("One moment ...");
            harbour.signIn(name.getText()).thenAccept(known -> SwingUtilities.invokeLater(() -> {
                told.setText(known ? "" : "Nobody has that name.");
                navigator.tell(Places.Facts.SIGNED_IN, known);
            }));
        }));
    }

    private static JComponent list(List<String> lines, IntConsumer chosen) {
        var list = new JList<>(lines.toArray(String[]::new));
        list.setFixedCellHeight(48);
        list.setBorder(BorderFactory.createEmptyBorder(8, 18, 8, 18));
        list.addListSelectionListener(event -> {
            if (!event.getValueIsAdjusting() && list.getSelectedIndex() >= 0) {
                chosen.accept(list.getSelectedIndex());
            }
        });
        return list;
    }

    private static JButton button(String text, Runnable action) {
        var button = new JButton(text);
        button.addActionListener(event -> action.run());
        return button;
    }

    private static JComponent page(JComponent... parts) {
        var page = new JPanel(new GridBagLayout());
        page.setBorder(BorderFactory.createEmptyBorder(16, 0, 16, 0));
        for (int row = 0; row < parts.length; row++) {
            page.add(parts[row], new GridBagConstraints(
                    0, row, 1, 1, 1, row == parts.length - 1 ? 1 : 0, FIRST_LINE_START, NONE, new Insets(8, 24, 8, 24), 0, 0));
        }
        return page;
    }
}
