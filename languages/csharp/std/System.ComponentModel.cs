using System;
using System.Collections;
using System.Collections.Generic;
using System.Collections.ObjectModel;
using System.Globalization;
using System.Reflection;
using System.Runtime.InteropServices;
using System.Runtime.Serialization;

namespace System.ComponentModel
{
    /// <summary>What is told of a new element.</summary>
    public class AddingNewEventArgs : EventArgs
    {
        public AddingNewEventArgs() { }
        public AddingNewEventArgs(object newObject) { }
        public object NewObject { get; set; }
    }

    /// <summary>What is told of the end of work.</summary>
    public class AsyncCompletedEventArgs : EventArgs
    {
        public AsyncCompletedEventArgs() { }
        public AsyncCompletedEventArgs(Exception error, bool cancelled, object userState) { }
        public bool Cancelled { get; }
        public Exception Error { get; }
        public object UserState { get; }
        protected void RaiseExceptionIfNecessary();
    }

    /// <summary>Attributes.</summary>
    public class AttributeCollection : ICollection
    {
        public static AttributeCollection Empty;
        protected AttributeCollection() { }
        public AttributeCollection(params Attribute[] attributes) { }
        protected virtual Attribute[] Attributes { get; }
        public int Count { get; }
        public virtual Attribute this[int index] { get; }
        public virtual Attribute this[Type attributeType] { get; }
        public bool Contains(Attribute attribute);
        public bool Contains(Attribute[] attributes);
        public void CopyTo(Array array, int index);
        public static AttributeCollection FromExisting(AttributeCollection existing, params Attribute[] newAttributes);
        protected Attribute GetDefaultAttribute(Type attributeType);
        public IEnumerator GetEnumerator();
        public bool Matches(Attribute attribute);
        public bool Matches(Attribute[] attributes);
    }

    /// <summary>Works in the background.</summary>
    public class BackgroundWorker : Component
    {
        public BackgroundWorker() { }
        public bool CancellationPending { get; }
        public bool IsBusy { get; }
        public bool WorkerReportsProgress { get; set; }
        public bool WorkerSupportsCancellation { get; set; }
        public event DoWorkEventHandler DoWork;
        public event ProgressChangedEventHandler ProgressChanged;
        public event RunWorkerCompletedEventHandler RunWorkerCompleted;
        public void CancelAsync();
        protected override void Dispose(bool disposing);
        protected virtual void OnDoWork(DoWorkEventArgs e);
        protected virtual void OnProgressChanged(ProgressChangedEventArgs e);
        protected virtual void OnRunWorkerCompleted(RunWorkerCompletedEventArgs e);
        public void ReportProgress(int percentProgress);
        public void ReportProgress(int percentProgress, object userState);
        public void RunWorkerAsync();
        public void RunWorkerAsync(object argument);
    }

    /// <summary>A list that tells of changes.</summary>
    public class BindingList<T> : Collection<T>, IRaiseItemChangedEvents, IBindingList, ICancelAddNew
    {
        public BindingList() { }
        public BindingList(IList<T> list) { }
        public bool AllowEdit { get; set; }
        public bool AllowNew { get; set; }
        public bool AllowRemove { get; set; }
        protected virtual bool IsSortedCore { get; }
        public bool RaiseListChangedEvents { get; set; }
        protected virtual ListSortDirection SortDirectionCore { get; }
        protected virtual PropertyDescriptor SortPropertyCore { get; }
        protected virtual bool SupportsChangeNotificationCore { get; }
        protected virtual bool SupportsSearchingCore { get; }
        protected virtual bool SupportsSortingCore { get; }
        public event AddingNewEventHandler AddingNew;
        public event ListChangedEventHandler ListChanged;
        public T AddNew();
        protected virtual object AddNewCore();
        protected virtual void ApplySortCore(PropertyDescriptor prop, ListSortDirection direction);
        public virtual void CancelNew(int itemIndex);
        protected override void ClearItems();
        public virtual void EndNew(int itemIndex);
        protected virtual int FindCore(PropertyDescriptor prop, object key);
        protected override void InsertItem(int index, T item);
        protected virtual void OnAddingNew(AddingNewEventArgs e);
        protected virtual void OnListChanged(ListChangedEventArgs e);
        protected override void RemoveItem(int index);
        protected virtual void RemoveSortCore();
        public void ResetBindings();
        public void ResetItem(int position);
        protected override void SetItem(int index, T item);
    }

    /// <summary>Is it shown?</summary>
    public sealed class BrowsableAttribute : Attribute
    {
        public static BrowsableAttribute Default;
        public static BrowsableAttribute No;
        public static BrowsableAttribute Yes;
        public BrowsableAttribute(bool browsable) { }
        public bool Browsable { get; }
        public override bool IsDefaultAttribute();
    }

    /// <summary>What is told of something that may be stopped.</summary>
    public class CancelEventArgs : EventArgs
    {
        public CancelEventArgs() { }
        public CancelEventArgs(bool cancel) { }
        public bool Cancel { get; set; }
    }

    /// <summary>What something belongs to.</summary>
    public class CategoryAttribute : Attribute
    {
        public CategoryAttribute() { }
        public CategoryAttribute(string category) { }
        public static CategoryAttribute Action { get; }
        public static CategoryAttribute Appearance { get; }
        public static CategoryAttribute Asynchronous { get; }
        public static CategoryAttribute Behavior { get; }
        public string Category { get; }
        public static CategoryAttribute Data { get; }
        public static CategoryAttribute Default { get; }
        public static CategoryAttribute Design { get; }
        public static CategoryAttribute DragDrop { get; }
        public static CategoryAttribute Focus { get; }
        public static CategoryAttribute Format { get; }
        public static CategoryAttribute Key { get; }
        public static CategoryAttribute Layout { get; }
        public static CategoryAttribute Mouse { get; }
        public static CategoryAttribute WindowStyle { get; }
        protected virtual string GetLocalizedString(string value);
        public override bool IsDefaultAttribute();
    }

    /// <summary>The base of components.</summary>
    public class Component : System.MarshalByRefObject, IComponent
    {
        public Component() { }
        protected virtual bool CanRaiseEvents { get; }
        public IContainer Container { get; }
        protected bool DesignMode { get; }
        protected EventHandlerList Events { get; }
        public virtual ISite Site { get; set; }
        public event EventHandler Disposed;
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        protected virtual object GetService(Type service);
    }

    /// <summary>Holds components.</summary>
    public class Container : IContainer
    {
        public Container() { }
        public virtual ComponentCollection Components { get; }
        public virtual void Add(IComponent component);
        public virtual void Add(IComponent component, string name);
        protected virtual ISite CreateSite(IComponent component, string name);
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        protected virtual object GetService(Type service);
        public virtual void Remove(IComponent component);
        protected void RemoveWithoutUnsiting(IComponent component);
        protected virtual void ValidateName(IComponent component, string name);
    }

    /// <summary>The usual value.</summary>
    public class DefaultValueAttribute : Attribute
    {
        public DefaultValueAttribute(bool value) { }
        public DefaultValueAttribute(byte value) { }
        public DefaultValueAttribute(char value) { }
        public DefaultValueAttribute(double value) { }
        public DefaultValueAttribute(short value) { }
        public DefaultValueAttribute(int value) { }
        public DefaultValueAttribute(long value) { }
        public DefaultValueAttribute(sbyte value) { }
        public DefaultValueAttribute(float value) { }
        public DefaultValueAttribute(object value) { }
        public DefaultValueAttribute(string value) { }
        public DefaultValueAttribute(ushort value) { }
        public DefaultValueAttribute(uint value) { }
        public DefaultValueAttribute(ulong value) { }
        public DefaultValueAttribute(Type type, string value) { }
        public virtual object Value { get; }
        protected void SetValue(object value);
    }

    /// <summary>What something is for.</summary>
    public class DescriptionAttribute : Attribute
    {
        public static DescriptionAttribute Default;
        public DescriptionAttribute() { }
        public DescriptionAttribute(string description) { }
        public virtual string Description { get; }
        protected string DescriptionValue { get; set; }
        public override bool IsDefaultAttribute();
    }

    /// <summary>A name for people.</summary>
    public class DisplayNameAttribute : Attribute
    {
        public static DisplayNameAttribute Default;
        public DisplayNameAttribute() { }
        public DisplayNameAttribute(string displayName) { }
        public virtual string DisplayName { get; }
        protected string DisplayNameValue { get; set; }
        public override bool IsDefaultAttribute();
    }

    /// <summary>Is it offered?</summary>
    public sealed class EditorBrowsableAttribute : Attribute
    {
        public EditorBrowsableAttribute() { }
        public EditorBrowsableAttribute(EditorBrowsableState state) { }
        public EditorBrowsableState State { get; }
    }

    /// <summary>Is something offered?</summary>
    public enum EditorBrowsableState
    {
        Always,
        Never,
        Advanced,
    }

    /// <summary>Enumerations of others.</summary>
    public class EnumConverter : TypeConverter
    {
        public EnumConverter(Type type) { }
        protected virtual IComparer Comparer { get; }
        protected Type EnumType { get; }
        protected TypeConverter.StandardValuesCollection Values { get; set; }
        public override bool CanConvertFrom(ITypeDescriptorContext context, Type sourceType);
        public override bool CanConvertTo(ITypeDescriptorContext context, Type destinationType);
        public override object ConvertFrom(ITypeDescriptorContext context, CultureInfo culture, object value);
        public override object ConvertTo(ITypeDescriptorContext context, CultureInfo culture, object value, Type destinationType);
        public override TypeConverter.StandardValuesCollection GetStandardValues(ITypeDescriptorContext context);
        public override bool GetStandardValuesExclusive(ITypeDescriptorContext context);
        public override bool GetStandardValuesSupported(ITypeDescriptorContext context);
        public override bool IsValid(ITypeDescriptorContext context, object value);
    }

    /// <summary>What is known of an event.</summary>
    public abstract class EventDescriptor : MemberDescriptor
    {
        protected EventDescriptor(MemberDescriptor descr) { }
        protected EventDescriptor(MemberDescriptor descr, Attribute[] attrs) { }
        protected EventDescriptor(string name, Attribute[] attrs) { }
        public abstract Type ComponentType { get; }
        public abstract Type EventType { get; }
        public abstract bool IsMulticast { get; }
        public abstract void AddEventHandler(object component, Delegate value);
        public abstract void RemoveEventHandler(object component, Delegate value);
    }

    /// <summary>A list that tells of changes.</summary>
    public interface IBindingList : IList
    {
        bool AllowEdit { get; }
        bool AllowNew { get; }
        bool AllowRemove { get; }
        bool IsSorted { get; }
        ListSortDirection SortDirection { get; }
        PropertyDescriptor SortProperty { get; }
        bool SupportsChangeNotification { get; }
        bool SupportsSearching { get; }
        bool SupportsSorting { get; }
        event ListChangedEventHandler ListChanged;
        void AddIndex(PropertyDescriptor property);
        object AddNew();
        void ApplySort(PropertyDescriptor property, ListSortDirection direction);
        int Find(PropertyDescriptor property, object key);
        void RemoveIndex(PropertyDescriptor property);
        void RemoveSort();
    }

    /// <summary>A component.</summary>
    public interface IComponent : IDisposable
    {
        ISite Site { get; set; }
        event EventHandler Disposed;
    }

    /// <summary>Holds components.</summary>
    public interface IContainer : IDisposable
    {
        ComponentCollection Components { get; }
        void Add(IComponent component);
        void Add(IComponent component, string name);
        void Remove(IComponent component);
    }

    /// <summary>Says itself what it has.</summary>
    public interface ICustomTypeDescriptor
    {
        AttributeCollection GetAttributes();
        string GetClassName();
        string GetComponentName();
        TypeConverter GetConverter();
        EventDescriptor GetDefaultEvent();
        PropertyDescriptor GetDefaultProperty();
        object GetEditor(Type editorBaseType);
        EventDescriptorCollection GetEvents();
        EventDescriptorCollection GetEvents(Attribute[] attributes);
        PropertyDescriptorCollection GetProperties();
        PropertyDescriptorCollection GetProperties(Attribute[] attributes);
        object GetPropertyOwner(PropertyDescriptor pd);
    }

    /// <summary>Can be edited.</summary>
    public interface IEditableObject
    {
        void BeginEdit();
        void CancelEdit();
        void EndEdit();
    }

    /// <summary>Tells of changes of properties.</summary>
    public interface INotifyPropertyChanged
    {
        event PropertyChangedEventHandler PropertyChanged;
    }

    /// <summary>Tells before properties change.</summary>
    public interface INotifyPropertyChanging
    {
        event PropertyChangingEventHandler PropertyChanging;
    }

    /// <summary>A value an enumeration lacks.</summary>
    public class InvalidEnumArgumentException : ArgumentException
    {
        public InvalidEnumArgumentException() { }
        public InvalidEnumArgumentException(string message) { }
        protected InvalidEnumArgumentException(SerializationInfo info, StreamingContext context) { }
        public InvalidEnumArgumentException(string message, Exception innerException) { }
        public InvalidEnumArgumentException(string argumentName, int invalidValue, Type enumClass) { }
    }

    /// <summary>Where a component is.</summary>
    public interface ISite : IServiceProvider
    {
        IComponent Component { get; }
        IContainer Container { get; }
        bool DesignMode { get; }
        string Name { get; set; }
    }

    /// <summary>Is set up in steps.</summary>
    public interface ISupportInitialize
    {
        void BeginInit();
        void EndInit();
    }

    /// <summary>Where a value stands.</summary>
    public interface ITypeDescriptorContext : IServiceProvider
    {
        IContainer Container { get; }
        object Instance { get; }
        PropertyDescriptor PropertyDescriptor { get; }
        void OnComponentChanged();
        bool OnComponentChanging();
    }

    /// <summary>A list that says what it holds.</summary>
    public interface ITypedList
    {
        PropertyDescriptorCollection GetItemProperties(PropertyDescriptor[] listAccessors);
        string GetListName(PropertyDescriptor[] listAccessors);
    }

    /// <summary>What is told of a change.</summary>
    public class ListChangedEventArgs : EventArgs
    {
        public ListChangedEventArgs(ListChangedType listChangedType, int newIndex) { }
        public ListChangedEventArgs(ListChangedType listChangedType, PropertyDescriptor propDesc) { }
        public ListChangedEventArgs(ListChangedType listChangedType, int newIndex, int oldIndex) { }
        public ListChangedEventArgs(ListChangedType listChangedType, int newIndex, PropertyDescriptor propDesc) { }
        public ListChangedType ListChangedType { get; }
        public int NewIndex { get; }
        public int OldIndex { get; }
        public PropertyDescriptor PropertyDescriptor { get; }
    }

    /// <summary>What is told of a change.</summary>
    public class PropertyChangedEventArgs : EventArgs
    {
        public PropertyChangedEventArgs(string propertyName) { }
        public virtual string PropertyName { get; }
    }

    /// <summary>Is told of a change.</summary>
    public delegate void PropertyChangedEventHandler(object sender, PropertyChangedEventArgs e);

    /// <summary>What is told before a change.</summary>
    public class PropertyChangingEventArgs : EventArgs
    {
        public PropertyChangingEventArgs(string propertyName) { }
        public virtual string PropertyName { get; }
    }

    /// <summary>What is known of a property.</summary>
    public abstract class PropertyDescriptor : MemberDescriptor
    {
        protected PropertyDescriptor(MemberDescriptor descr) { }
        protected PropertyDescriptor(MemberDescriptor descr, Attribute[] attrs) { }
        protected PropertyDescriptor(string name, Attribute[] attrs) { }
        public abstract Type ComponentType { get; }
        public virtual TypeConverter Converter { get; }
        public virtual bool IsLocalizable { get; }
        public abstract bool IsReadOnly { get; }
        public abstract Type PropertyType { get; }
        public DesignerSerializationVisibility SerializationVisibility { get; }
        public virtual bool SupportsChangeEvents { get; }
        public virtual void AddValueChanged(object component, EventHandler handler);
        public abstract bool CanResetValue(object component);
        protected object CreateInstance(Type type);
        protected override void FillAttributes(IList attributeList);
        public PropertyDescriptorCollection GetChildProperties();
        public PropertyDescriptorCollection GetChildProperties(Attribute[] filter);
        public PropertyDescriptorCollection GetChildProperties(object instance);
        public virtual PropertyDescriptorCollection GetChildProperties(object instance, Attribute[] filter);
        public virtual object GetEditor(Type editorBaseType);
        protected override object GetInvocationTarget(Type type, object instance);
        protected Type GetTypeFromName(string typeName);
        public abstract object GetValue(object component);
        protected virtual void OnValueChanged(object component, EventArgs e);
        public virtual void RemoveValueChanged(object component, EventHandler handler);
        public abstract void ResetValue(object component);
        public abstract void SetValue(object component, object value);
        public abstract bool ShouldSerializeValue(object component);
    }

    /// <summary>What is known of properties.</summary>
    public class PropertyDescriptorCollection : IDictionary, IList
    {
        public static PropertyDescriptorCollection Empty;
        public PropertyDescriptorCollection(PropertyDescriptor[] properties) { }
        public PropertyDescriptorCollection(PropertyDescriptor[] properties, bool readOnly) { }
        public int Count { get; }
        public virtual PropertyDescriptor this[int index] { get; }
        public virtual PropertyDescriptor this[string name] { get; }
        public int Add(PropertyDescriptor value);
        public void Clear();
        public bool Contains(PropertyDescriptor value);
        public void CopyTo(Array array, int index);
        public virtual PropertyDescriptor Find(string name, bool ignoreCase);
        public virtual IEnumerator GetEnumerator();
        public int IndexOf(PropertyDescriptor value);
        public void Insert(int index, PropertyDescriptor value);
        protected void InternalSort(IComparer sorter);
        protected void InternalSort(string[] names);
        public void Remove(PropertyDescriptor value);
        public void RemoveAt(int index);
        public virtual PropertyDescriptorCollection Sort();
        public virtual PropertyDescriptorCollection Sort(IComparer comparer);
        public virtual PropertyDescriptorCollection Sort(string[] names);
        public virtual PropertyDescriptorCollection Sort(string[] names, IComparer comparer);
    }

    /// <summary>Texts of others.</summary>
    public class StringConverter : TypeConverter
    {
        public StringConverter() { }
        public override bool CanConvertFrom(ITypeDescriptorContext context, Type sourceType);
        public override object ConvertFrom(ITypeDescriptorContext context, CultureInfo culture, object value);
    }

    /// <summary>Makes types of others.</summary>
    public class TypeConverter
    {
        public TypeConverter() { }
        public bool CanConvertFrom(Type sourceType);
        public virtual bool CanConvertFrom(ITypeDescriptorContext context, Type sourceType);
        public bool CanConvertTo(Type destinationType);
        public virtual bool CanConvertTo(ITypeDescriptorContext context, Type destinationType);
        public object ConvertFrom(object value);
        public virtual object ConvertFrom(ITypeDescriptorContext context, CultureInfo culture, object value);
        public object ConvertFromInvariantString(string text);
        public object ConvertFromInvariantString(ITypeDescriptorContext context, string text);
        public object ConvertFromString(string text);
        public object ConvertFromString(ITypeDescriptorContext context, string text);
        public object ConvertFromString(ITypeDescriptorContext context, CultureInfo culture, string text);
        public object ConvertTo(object value, Type destinationType);
        public virtual object ConvertTo(ITypeDescriptorContext context, CultureInfo culture, object value, Type destinationType);
        public string ConvertToInvariantString(object value);
        public string ConvertToInvariantString(ITypeDescriptorContext context, object value);
        public string ConvertToString(object value);
        public string ConvertToString(ITypeDescriptorContext context, object value);
        public string ConvertToString(ITypeDescriptorContext context, CultureInfo culture, object value);
        public object CreateInstance(IDictionary propertyValues);
        public virtual object CreateInstance(ITypeDescriptorContext context, IDictionary propertyValues);
        protected Exception GetConvertFromException(object value);
        protected Exception GetConvertToException(object value, Type destinationType);
        public bool GetCreateInstanceSupported();
        public virtual bool GetCreateInstanceSupported(ITypeDescriptorContext context);
        public PropertyDescriptorCollection GetProperties(object value);
        public PropertyDescriptorCollection GetProperties(ITypeDescriptorContext context, object value);
        public virtual PropertyDescriptorCollection GetProperties(ITypeDescriptorContext context, object value, Attribute[] attributes);
        public bool GetPropertiesSupported();
        public virtual bool GetPropertiesSupported(ITypeDescriptorContext context);
        public ICollection GetStandardValues();
        public virtual TypeConverter.StandardValuesCollection GetStandardValues(ITypeDescriptorContext context);
        public bool GetStandardValuesExclusive();
        public virtual bool GetStandardValuesExclusive(ITypeDescriptorContext context);
        public bool GetStandardValuesSupported();
        public virtual bool GetStandardValuesSupported(ITypeDescriptorContext context);
        public bool IsValid(object value);
        public virtual bool IsValid(ITypeDescriptorContext context, object value);
        protected PropertyDescriptorCollection SortProperties(PropertyDescriptorCollection props, string[] names);
        public class StandardValuesCollection : ICollection
        {
            public StandardValuesCollection(ICollection values) { }
            public int Count { get; }
            public object this[int index] { get; }
            public void CopyTo(Array array, int index);
            public IEnumerator GetEnumerator();
        }
    }

    /// <summary>Names what makes a type of others.</summary>
    public sealed class TypeConverterAttribute : Attribute
    {
        public static TypeConverterAttribute Default;
        public TypeConverterAttribute() { }
        public TypeConverterAttribute(string typeName) { }
        public TypeConverterAttribute(Type type) { }
        public string ConverterTypeName { get; }
    }

    /// <summary>What is known of types.</summary>
    public sealed class TypeDescriptor
    {
        public static IComNativeDescriptorHandler ComNativeDescriptorHandler { get; set; }
        public static Type ComObjectType { get; }
        public static Type InterfaceType { get; }
        public static event RefreshEventHandler Refreshed;
        public static TypeDescriptionProvider AddAttributes(object instance, params Attribute[] attributes);
        public static TypeDescriptionProvider AddAttributes(Type type, params Attribute[] attributes);
        public static void AddEditorTable(Type editorBaseType, Hashtable table);
        public static void AddProvider(TypeDescriptionProvider provider, object instance);
        public static void AddProvider(TypeDescriptionProvider provider, Type type);
        public static void AddProviderTransparent(TypeDescriptionProvider provider, object instance);
        public static void AddProviderTransparent(TypeDescriptionProvider provider, Type type);
        public static void CreateAssociation(object primary, object secondary);
        public static System.ComponentModel.Design.IDesigner CreateDesigner(IComponent component, Type designerBaseType);
        public static EventDescriptor CreateEvent(Type componentType, EventDescriptor oldEventDescriptor, params Attribute[] attributes);
        public static EventDescriptor CreateEvent(Type componentType, string name, Type type, params Attribute[] attributes);
        public static object CreateInstance(IServiceProvider provider, Type objectType, Type[] argTypes, object[] args);
        public static PropertyDescriptor CreateProperty(Type componentType, PropertyDescriptor oldPropertyDescriptor, params Attribute[] attributes);
        public static PropertyDescriptor CreateProperty(Type componentType, string name, Type type, params Attribute[] attributes);
        public static object GetAssociation(Type type, object primary);
        public static AttributeCollection GetAttributes(object component);
        public static AttributeCollection GetAttributes(Type componentType);
        public static AttributeCollection GetAttributes(object component, bool noCustomTypeDesc);
        public static string GetClassName(object component);
        public static string GetClassName(Type componentType);
        public static string GetClassName(object component, bool noCustomTypeDesc);
        public static string GetComponentName(object component);
        public static string GetComponentName(object component, bool noCustomTypeDesc);
        public static TypeConverter GetConverter(object component);
        public static TypeConverter GetConverter(Type type);
        public static TypeConverter GetConverter(object component, bool noCustomTypeDesc);
        public static EventDescriptor GetDefaultEvent(object component);
        public static EventDescriptor GetDefaultEvent(Type componentType);
        public static EventDescriptor GetDefaultEvent(object component, bool noCustomTypeDesc);
        public static PropertyDescriptor GetDefaultProperty(object component);
        public static PropertyDescriptor GetDefaultProperty(Type componentType);
        public static PropertyDescriptor GetDefaultProperty(object component, bool noCustomTypeDesc);
        public static object GetEditor(object component, Type editorBaseType);
        public static object GetEditor(Type type, Type editorBaseType);
        public static object GetEditor(object component, Type editorBaseType, bool noCustomTypeDesc);
        public static EventDescriptorCollection GetEvents(object component);
        public static EventDescriptorCollection GetEvents(Type componentType);
        public static EventDescriptorCollection GetEvents(object component, bool noCustomTypeDesc);
        public static EventDescriptorCollection GetEvents(object component, Attribute[] attributes);
        public static EventDescriptorCollection GetEvents(Type componentType, Attribute[] attributes);
        public static EventDescriptorCollection GetEvents(object component, Attribute[] attributes, bool noCustomTypeDesc);
        public static string GetFullComponentName(object component);
        public static PropertyDescriptorCollection GetProperties(object component);
        public static PropertyDescriptorCollection GetProperties(Type componentType);
        public static PropertyDescriptorCollection GetProperties(object component, bool noCustomTypeDesc);
        public static PropertyDescriptorCollection GetProperties(object component, Attribute[] attributes);
        public static PropertyDescriptorCollection GetProperties(Type componentType, Attribute[] attributes);
        public static PropertyDescriptorCollection GetProperties(object component, Attribute[] attributes, bool noCustomTypeDesc);
        public static TypeDescriptionProvider GetProvider(object instance);
        public static TypeDescriptionProvider GetProvider(Type type);
        public static Type GetReflectionType(object instance);
        public static Type GetReflectionType(Type type);
        public static void Refresh(object component);
        public static void Refresh(Assembly assembly);
        public static void Refresh(Module module);
        public static void Refresh(Type type);
        public static void RemoveAssociation(object primary, object secondary);
        public static void RemoveAssociations(object primary);
        public static void RemoveProvider(TypeDescriptionProvider provider, object instance);
        public static void RemoveProvider(TypeDescriptionProvider provider, Type type);
        public static void RemoveProviderTransparent(TypeDescriptionProvider provider, object instance);
        public static void RemoveProviderTransparent(TypeDescriptionProvider provider, Type type);
        public static void SortDescriptorArray(IList infos);
    }

    /// <summary>The system refused.</summary>
    public class Win32Exception : ExternalException
    {
        public Win32Exception() { }
        public Win32Exception(int error) { }
        public Win32Exception(string message) { }
        public Win32Exception(int error, string message) { }
        protected Win32Exception(SerializationInfo info, StreamingContext context) { }
        public Win32Exception(string message, Exception innerException) { }
        public int NativeErrorCode { get; }
        public override void GetObjectData(SerializationInfo info, StreamingContext context);
    }
}
