# Nothing is looked up by its name, so nothing has to be kept. Annotations that only compilers read are not there.
-dontwarn org.jspecify.annotations.**
