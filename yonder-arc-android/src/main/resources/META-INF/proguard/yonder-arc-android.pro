# Annotations that only compilers read are not there. What has to be kept stands with the classes that it is about.
-dontwarn org.jspecify.annotations.**
