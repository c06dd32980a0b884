package java.lang.annotation;

/** The base of all annotations. */
public interface Annotation {
    Class<? extends Annotation> annotationType();
    boolean equals(Object object);
    int hashCode();
    String toString();
}

/** Marks annotations that documentation shows. */
public @interface Documented {
}

/** Where an annotation may stand. */
public enum ElementType {
    TYPE, FIELD, METHOD, PARAMETER, CONSTRUCTOR, LOCAL_VARIABLE, ANNOTATION_TYPE, PACKAGE, TYPE_PARAMETER, TYPE_USE, MODULE, RECORD_COMPONENT;
}

/** Marks annotations that derived classes have as well. */
public @interface Inherited {
}

/** Marks annotations that may stand several times. */
public @interface Repeatable {
    Class<? extends Annotation> value();
}

/** How long an annotation is kept. */
public @interface Retention {
    RetentionPolicy value();
}

/** How long annotations can be kept. */
public enum RetentionPolicy {
    SOURCE, CLASS, RUNTIME;
}

/** Where an annotation may stand. */
public @interface Target {
    ElementType[] value();
}
