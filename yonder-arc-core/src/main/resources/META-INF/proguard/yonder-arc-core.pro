# Maps and sets of an enum's values find them by this method's name.
-keepclassmembers enum org.yonderarc.** { public static **[] values(); }
# Annotations that only compilers read are not there.
-dontwarn org.jspecify.annotations.**
