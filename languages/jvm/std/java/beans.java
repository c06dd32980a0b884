package java.beans;

import java.io.Serializable;
import java.lang.reflect.Method;
import java.util.EventListener;
import java.util.EventObject;

/** What is known of a class. */
public interface BeanInfo {
    static int ICON_COLOR_16x16;
    static int ICON_COLOR_32x32;
    static int ICON_MONO_16x16;
    static int ICON_MONO_32x32;
    BeanInfo[] getAdditionalBeanInfo();
    BeanDescriptor getBeanDescriptor();
    int getDefaultEventIndex();
    int getDefaultPropertyIndex();
    EventSetDescriptor[] getEventSetDescriptors();
    java.awt.Image getIcon(int number);
    MethodDescriptor[] getMethodDescriptors();
    PropertyDescriptor[] getPropertyDescriptors();
}

/** Finds the properties of a class. */
public class Introspector {
    public static final int USE_ALL_BEANINFO;
    public static final int IGNORE_IMMEDIATE_BEANINFO;
    public static final int IGNORE_ALL_BEANINFO;
    public static String decapitalize(String text);
    public static void flushCaches();
    public static void flushFromCaches(Class<?> type);
    public static BeanInfo getBeanInfo(Class<?> type) throws IntrospectionException;
    public static BeanInfo getBeanInfo(Class<?> type, int number) throws IntrospectionException;
    public static BeanInfo getBeanInfo(Class<?> type, Class<?> type2) throws IntrospectionException;
    public static BeanInfo getBeanInfo(Class<?> type, Class<?> type2, int number) throws IntrospectionException;
    public static String[] getBeanInfoSearchPath();
    public static void setBeanInfoSearchPath(String[] items);
}

/** A change of a property. */
public class PropertyChangeEvent extends EventObject {
    public PropertyChangeEvent(Object object, String text, Object object2, Object object3) { }
    public Object getNewValue();
    public Object getOldValue();
    public Object getPropagationId();
    public String getPropertyName();
    public void setPropagationId(Object object);
}

/** Is told of changes of properties. */
public interface PropertyChangeListener extends EventListener {
    void propertyChange(PropertyChangeEvent propertyChangeEvent);
}

/** Tells of changes of properties. */
public class PropertyChangeSupport implements Serializable {
    public PropertyChangeSupport(Object object) { }
    public void addPropertyChangeListener(PropertyChangeListener propertyChangeListener);
    public void addPropertyChangeListener(String text, PropertyChangeListener propertyChangeListener);
    public void fireIndexedPropertyChange(String text, int number, boolean flag, boolean flag2);
    public void fireIndexedPropertyChange(String text, int number, int number2, int number3);
    public void fireIndexedPropertyChange(String text, int number, Object object, Object object2);
    public void firePropertyChange(PropertyChangeEvent propertyChangeEvent);
    public void firePropertyChange(String text, boolean flag, boolean flag2);
    public void firePropertyChange(String text, int number, int number2);
    public void firePropertyChange(String text, Object object, Object object2);
    public PropertyChangeListener[] getPropertyChangeListeners();
    public PropertyChangeListener[] getPropertyChangeListeners(String text);
    public boolean hasListeners(String text);
    public void removePropertyChangeListener(PropertyChangeListener propertyChangeListener);
    public void removePropertyChangeListener(String text, PropertyChangeListener propertyChangeListener);
}

/** A property of a class. */
public class PropertyDescriptor extends FeatureDescriptor {
    public PropertyDescriptor(String text, Class<?> type) throws IntrospectionException { }
    public PropertyDescriptor(String text, Method method, Method method2) throws IntrospectionException { }
    public PropertyDescriptor(String text, Class<?> type, String text2, String text3) throws IntrospectionException { }
    public PropertyEditor createPropertyEditor(Object object);
    public Class<?> getPropertyEditorClass();
    public Class<?> getPropertyType();
    public Method getReadMethod();
    public Method getWriteMethod();
    public boolean isBound();
    public boolean isConstrained();
    public void setBound(boolean flag);
    public void setConstrained(boolean flag);
    public void setPropertyEditorClass(Class<?> type);
    public void setReadMethod(Method method) throws IntrospectionException;
    public void setWriteMethod(Method method) throws IntrospectionException;
}
