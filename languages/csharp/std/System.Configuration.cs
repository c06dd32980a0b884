using System.Collections.Specialized;
using System.ComponentModel;

namespace System.Configuration
{
    /// <summary>Settings of a program.</summary>
    public abstract class ApplicationSettingsBase : SettingsBase, INotifyPropertyChanged
    {
        protected ApplicationSettingsBase() { }
        protected ApplicationSettingsBase(IComponent owner) { }
        protected ApplicationSettingsBase(string settingsKey) { }
        protected ApplicationSettingsBase(IComponent owner, string settingsKey) { }
        public override SettingsContext Context { get; }
        public override object this[string propertyName] { get; set; }
        public override SettingsPropertyCollection Properties { get; }
        public override SettingsPropertyValueCollection PropertyValues { get; }
        public override SettingsProviderCollection Providers { get; }
        public string SettingsKey { get; set; }
        public event PropertyChangedEventHandler PropertyChanged;
        public event SettingChangingEventHandler SettingChanging;
        public event SettingsLoadedEventHandler SettingsLoaded;
        public event SettingsSavingEventHandler SettingsSaving;
        public object GetPreviousVersion(string propertyName);
        protected virtual void OnPropertyChanged(object sender, PropertyChangedEventArgs e);
        protected virtual void OnSettingChanging(object sender, SettingChangingEventArgs e);
        protected virtual void OnSettingsLoaded(object sender, SettingsLoadedEventArgs e);
        protected virtual void OnSettingsSaving(object sender, CancelEventArgs e);
        public void Reload();
        public void Reset();
        public override void Save();
        public virtual void Upgrade();
    }

    /// <summary>Settings of a program.</summary>
    public sealed class ConfigurationSettings
    {
        public static NameValueCollection AppSettings { get; }
        public static object GetConfig(string sectionName);
    }

    /// <summary>Settings.</summary>
    public abstract class SettingsBase
    {
        protected SettingsBase() { }
        public virtual SettingsContext Context { get; }
        public bool IsSynchronized { get; }
        public virtual object this[string propertyName] { get; set; }
        public virtual SettingsPropertyCollection Properties { get; }
        public virtual SettingsPropertyValueCollection PropertyValues { get; }
        public virtual SettingsProviderCollection Providers { get; }
        public void Initialize(SettingsContext context, SettingsPropertyCollection properties, SettingsProviderCollection providers);
        public virtual void Save();
        public static SettingsBase Synchronized(SettingsBase settingsBase);
    }
}
