package org.yonderarc.desktop;

import java.awt.BasicStroke;
import java.awt.BorderLayout;
import java.awt.Color;
import java.awt.Component;
import java.awt.Dimension;
import java.awt.FlowLayout;
import java.awt.Graphics;
import java.awt.Graphics2D;
import java.awt.GridLayout;
import java.awt.RenderingHints;
import java.awt.event.MouseAdapter;
import java.awt.event.MouseEvent;
import java.awt.geom.Path2D;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import javax.swing.BorderFactory;
import javax.swing.JButton;
import javax.swing.JCheckBox;
import javax.swing.JComboBox;
import javax.swing.JComponent;
import javax.swing.JLabel;
import javax.swing.JPanel;
import javax.swing.JScrollPane;
import javax.swing.JTable;
import javax.swing.JTextField;
import javax.swing.table.DefaultTableModel;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.PlanFile;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;

/** The demo as an app in a window, with components of its own: a table, a form and a map that it paints. */
final class DeskApp {
    private final Navigator navigator;

    /** An app that a navigator of the demo plan runs. */
    DeskApp(Navigator navigator) {
        this.navigator = navigator;
    }

    static Plan demo() {
        return PlanFile.require(
                Path.of("../yonder-arc-examples/src/main/resources/org/yonderarc/examples/brinelight.yaml"));
    }

    /** The bars, with the app's own content between them. */
    AppPanel panel() {
        return new AppPanel(navigator, new Studio(), this::content);
    }

    /** What the app shows itself; for all other places the plan's sample content stands in. */
    private Optional<Component> content(Place place) {
        return switch (place.screen()) {
            case "surveys" -> Optional.of(surveys());
            case "survey" -> Optional.of(survey(place.parameters().get("survey")));
            case "map" -> Optional.of(new ShoreMap());
            default -> Optional.empty();
        };
    }

    private JComponent surveys() {
        var model = new DefaultTableModel(new Object[] {"Survey", "Where", "Species"}, 0);
        for (int number = 41; number > 21; number--) {
            model.addRow(new Object[] {number, number % 2 == 0 ? "Gull Point" : "Lower shore", number % 9 + 8});
        }
        var table = new JTable(model);
        table.setName("surveys");
        table.setRowHeight(32);
        table.setDefaultEditor(Object.class, null);
        table.addMouseListener(new MouseAdapter() {
            @Override
            public void mouseClicked(MouseEvent event) {
                int row = table.rowAtPoint(event.getPoint());
                if (row >= 0) {
                    navigator.open(
                            "survey", Map.of("survey", table.getValueAt(row, 0).toString()));
                }
            }
        });
        return new JScrollPane(table);
    }

    private static JComponent survey(String number) {
        var note = new JTextField("Survey " + number + ": ", 24);
        note.setName("note");
        var where = new JComboBox<>(new String[] {"Gull Point", "Lower shore", "Herring Quay"});
        var form = new JPanel(new GridLayout(0, 1, 0, 8));
        form.add(new JLabel("What did you see?"));
        form.add(note);
        form.add(new JLabel("Where?"));
        form.add(where);
        form.add(new JCheckBox("Low tide", true));
        form.add(new JCheckBox("With company"));
        var keep = new JPanel(new FlowLayout(FlowLayout.LEADING, 0, 8));
        keep.add(new JButton("Keep the draft"));
        form.add(keep);
        var page = new JPanel(new BorderLayout());
        page.setBorder(BorderFactory.createEmptyBorder(24, 24, 24, 24));
        page.add(form, BorderLayout.NORTH);
        return page;
    }

    /** A shore that the app paints itself. */
    private static final class ShoreMap extends JComponent {
        private static final long serialVersionUID = 1L;
        private static final Color SEA = new Color(0xC4E0E3);
        private static final Color LAND = new Color(0xF0E2C6);
        private static final Color EDGE = new Color(0x8FC1C7);

        ShoreMap() {
            setName("map");
            setPreferredSize(new Dimension(400, 300));
        }

        @Override
        protected void paintComponent(Graphics graphics) {
            var paint = (Graphics2D) graphics.create();
            paint.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            paint.setColor(SEA);
            paint.fillRect(0, 0, getWidth(), getHeight());
            var shore = new Path2D.Double();
            double width = getWidth();
            double height = getHeight();
            shore.moveTo(0, height * 0.62);
            shore.curveTo(width * 0.3, height * 0.4, width * 0.5, height * 0.8, width, height * 0.45);
            shore.lineTo(width, height);
            shore.lineTo(0, height);
            shore.closePath();
            paint.setColor(LAND);
            paint.fill(shore);
            paint.setColor(EDGE);
            paint.setStroke(new BasicStroke(3));
            paint.draw(shore);
            paint.dispose();
        }
    }
}
