/** An app of named modules. */
module org.pier {
    requires org.yonderarc.files;
    requires org.yonderarc.desktop;
}
