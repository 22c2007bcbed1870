package org.yonderarc.live;

import java.util.Optional;

/**
 * Something that was made of the plan.
 *
 * @param type its media type
 * @param name the name under which it is kept; no value for what is shown in the page
 */
record Download(String type, Optional<String> name, byte[] bytes) {}
