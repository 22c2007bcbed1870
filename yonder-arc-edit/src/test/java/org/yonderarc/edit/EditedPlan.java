package org.yonderarc.edit;

/** The plan that the tests of the editor share. */
final class EditedPlan {
    static final String PLAN =
            """
            # The shore.
            yonder: 1
            app: { name: Shore, start: tides }   # short

            screens:
              tides:            # first
                title: Tides
                wireframe:
                  kind: list
                  rows:
                    - { title: Pool, screen: pool }
                    # the second
                    - Plain
              pool: { under: tides }
              map: Map

            menus:
              main:
                - tides
                # to the map
                - { screen: map, label: Map }   # here
                - section: More
                  items: [ { screen: pool, id: rock } ]

            bars:
              - { menu: main, form: drawer, footer: [ tides, rock ] }
              - top
            """;

    private EditedPlan() {}
}
