/**
 * What every host has to hold: plans, what people do with them, and, by the stage itself, what is then to be seen, heard and told. A host
 * is driven through a {@link org.yonderarc.kit.Script} beside a {@link org.yonderarc.kit.Reference}, and shows the same scenes.
 */
package org.yonderarc.kit;
