using System;
using System.Collections.Generic;
using System.Collections.ObjectModel;
using System.Collections.Specialized;
using System.ComponentModel;
using System.IO;
using System.Reflection;
using System.Security;
using System.Text;
using System.Threading;

namespace System.Diagnostics
{
    /// <summary>Marks what is called only then.</summary>
    public sealed class ConditionalAttribute : Attribute
    {
        public ConditionalAttribute(string conditionString) { }
        public string ConditionString { get; }
    }

    /// <summary>Messages while looking for mistakes.</summary>
    public static class Debug
    {
        public static bool AutoFlush { get; set; }
        public static int IndentLevel { get; set; }
        public static int IndentSize { get; set; }
        public static TraceListenerCollection Listeners { get; }
        public static void Assert(bool condition);
        public static void Assert(bool condition, string message);
        public static void Assert(bool condition, string message, string detailMessage);
        public static void Assert(bool condition, string message, string detailMessageFormat, params object[] args);
        public static void Close();
        public static void Fail(string message);
        public static void Fail(string message, string detailMessage);
        public static void Flush();
        public static void Indent();
        public static void Print(string message);
        public static void Print(string format, params object[] args);
        public static void Unindent();
        public static void Write(object value);
        public static void Write(string message);
        public static void Write(object value, string category);
        public static void Write(string message, string category);
        public static void WriteIf(bool condition, object value);
        public static void WriteIf(bool condition, string message);
        public static void WriteIf(bool condition, object value, string category);
        public static void WriteIf(bool condition, string message, string category);
        public static void WriteLine(object value);
        public static void WriteLine(string message);
        public static void WriteLine(object value, string category);
        public static void WriteLine(string format, params object[] args);
        public static void WriteLine(string message, string category);
        public static void WriteLineIf(bool condition, object value);
        public static void WriteLineIf(bool condition, string message);
        public static void WriteLineIf(bool condition, object value, string category);
        public static void WriteLineIf(bool condition, string message, string category);
    }

    /// <summary>What looks for mistakes.</summary>
    public sealed class Debugger
    {
        public static string DefaultCategory;
        public Debugger() { }
        public static bool IsAttached { get; }
        public static void Break();
        public static bool IsLogging();
        public static bool Launch();
        public static void Log(int level, string category, string message);
        public static void NotifyOfCrossThreadDependency();
    }

    /// <summary>Is a member shown?</summary>
    public sealed class DebuggerBrowsableAttribute : Attribute
    {
        public DebuggerBrowsableAttribute(DebuggerBrowsableState state) { }
        public DebuggerBrowsableState State { get; }
    }

    /// <summary>How a value is shown.</summary>
    public sealed class DebuggerDisplayAttribute : Attribute
    {
        public DebuggerDisplayAttribute(string value) { }
        public string Name { get; set; }
        public Type Target { get; set; }
        public string TargetTypeName { get; set; }
        public string Type { get; set; }
        public string Value { get; }
    }

    /// <summary>Marks what is not shown.</summary>
    public sealed class DebuggerHiddenAttribute : Attribute
    {
        public DebuggerHiddenAttribute() { }
    }

    /// <summary>Marks what others wrote.</summary>
    public sealed class DebuggerNonUserCodeAttribute : Attribute
    {
        public DebuggerNonUserCodeAttribute() { }
    }

    /// <summary>Marks what is not stepped into.</summary>
    public sealed class DebuggerStepThroughAttribute : Attribute
    {
        public DebuggerStepThroughAttribute() { }
    }

    /// <summary>The log of the system.</summary>
    public class EventLog : Component, ISupportInitialize
    {
        public EventLog() { }
        public EventLog(string logName) { }
        public EventLog(string logName, string machineName) { }
        public EventLog(string logName, string machineName, string source) { }
        public bool EnableRaisingEvents { get; set; }
        public EventLogEntryCollection Entries { get; }
        public string Log { get; set; }
        public string LogDisplayName { get; }
        public string MachineName { get; set; }
        public long MaximumKilobytes { get; set; }
        public int MinimumRetentionDays { get; }
        public OverflowAction OverflowAction { get; }
        public string Source { get; set; }
        public System.ComponentModel.ISynchronizeInvoke SynchronizingObject { get; set; }
        public event EntryWrittenEventHandler EntryWritten;
        public void BeginInit();
        public void Clear();
        public void Close();
        public static void CreateEventSource(EventSourceCreationData sourceData);
        public static void CreateEventSource(string source, string logName);
        public static void CreateEventSource(string source, string logName, string machineName);
        public static void Delete(string logName);
        public static void Delete(string logName, string machineName);
        public static void DeleteEventSource(string source);
        public static void DeleteEventSource(string source, string machineName);
        protected override void Dispose(bool disposing);
        public void EndInit();
        public static bool Exists(string logName);
        public static bool Exists(string logName, string machineName);
        public static EventLog[] GetEventLogs();
        public static EventLog[] GetEventLogs(string machineName);
        public static string LogNameFromSourceName(string source, string machineName);
        public void ModifyOverflowPolicy(OverflowAction action, int retentionDays);
        public void RegisterDisplayName(string resourceFile, long resourceId);
        public static bool SourceExists(string source);
        public static bool SourceExists(string source, string machineName);
        public void WriteEntry(string message);
        public void WriteEntry(string message, EventLogEntryType type);
        public static void WriteEntry(string source, string message);
        public void WriteEntry(string message, EventLogEntryType type, int eventID);
        public static void WriteEntry(string source, string message, EventLogEntryType type);
        public void WriteEntry(string message, EventLogEntryType type, int eventID, short category);
        public static void WriteEntry(string source, string message, EventLogEntryType type, int eventID);
        public void WriteEntry(string message, EventLogEntryType type, int eventID, short category, byte[] rawData);
        public static void WriteEntry(string source, string message, EventLogEntryType type, int eventID, short category);
        public static void WriteEntry(string source, string message, EventLogEntryType type, int eventID, short category, byte[] rawData);
        public void WriteEvent(EventInstance instance, params object[] values);
        public void WriteEvent(EventInstance instance, byte[] data, params object[] values);
        public static void WriteEvent(string source, EventInstance instance, params object[] values);
        public static void WriteEvent(string source, EventInstance instance, byte[] data, params object[] values);
    }

    /// <summary>The version of a file.</summary>
    public sealed class FileVersionInfo
    {
        public string Comments { get; }
        public string CompanyName { get; }
        public int FileBuildPart { get; }
        public string FileDescription { get; }
        public int FileMajorPart { get; }
        public int FileMinorPart { get; }
        public string FileName { get; }
        public int FilePrivatePart { get; }
        public string FileVersion { get; }
        public string InternalName { get; }
        public bool IsDebug { get; }
        public bool IsPatched { get; }
        public bool IsPreRelease { get; }
        public bool IsPrivateBuild { get; }
        public bool IsSpecialBuild { get; }
        public string Language { get; }
        public string LegalCopyright { get; }
        public string LegalTrademarks { get; }
        public string OriginalFilename { get; }
        public string PrivateBuild { get; }
        public int ProductBuildPart { get; }
        public int ProductMajorPart { get; }
        public int ProductMinorPart { get; }
        public string ProductName { get; }
        public int ProductPrivatePart { get; }
        public string ProductVersion { get; }
        public string SpecialBuild { get; }
        public static FileVersionInfo GetVersionInfo(string fileName);
    }

    /// <summary>A program that runs.</summary>
    public class Process : Component
    {
        public Process() { }
        public int BasePriority { get; }
        public bool EnableRaisingEvents { get; set; }
        public int ExitCode { get; }
        public DateTime ExitTime { get; }
        public IntPtr Handle { get; }
        public int HandleCount { get; }
        public bool HasExited { get; }
        public int Id { get; }
        public string MachineName { get; }
        public ProcessModule MainModule { get; }
        public IntPtr MainWindowHandle { get; }
        public string MainWindowTitle { get; }
        public IntPtr MaxWorkingSet { get; set; }
        public IntPtr MinWorkingSet { get; set; }
        public ProcessModuleCollection Modules { get; }
        public int NonpagedSystemMemorySize { get; }
        public long NonpagedSystemMemorySize64 { get; }
        public int PagedMemorySize { get; }
        public long PagedMemorySize64 { get; }
        public int PagedSystemMemorySize { get; }
        public long PagedSystemMemorySize64 { get; }
        public int PeakPagedMemorySize { get; }
        public long PeakPagedMemorySize64 { get; }
        public int PeakVirtualMemorySize { get; }
        public long PeakVirtualMemorySize64 { get; }
        public int PeakWorkingSet { get; }
        public long PeakWorkingSet64 { get; }
        public bool PriorityBoostEnabled { get; set; }
        public ProcessPriorityClass PriorityClass { get; set; }
        public int PrivateMemorySize { get; }
        public long PrivateMemorySize64 { get; }
        public TimeSpan PrivilegedProcessorTime { get; }
        public string ProcessName { get; }
        public IntPtr ProcessorAffinity { get; set; }
        public bool Responding { get; }
        public Microsoft.Win32.SafeHandles.SafeProcessHandle SafeHandle { get; }
        public int SessionId { get; }
        public StreamReader StandardError { get; }
        public StreamWriter StandardInput { get; }
        public StreamReader StandardOutput { get; }
        public ProcessStartInfo StartInfo { get; set; }
        public DateTime StartTime { get; }
        public System.ComponentModel.ISynchronizeInvoke SynchronizingObject { get; set; }
        public ProcessThreadCollection Threads { get; }
        public TimeSpan TotalProcessorTime { get; }
        public TimeSpan UserProcessorTime { get; }
        public int VirtualMemorySize { get; }
        public long VirtualMemorySize64 { get; }
        public int WorkingSet { get; }
        public long WorkingSet64 { get; }
        public event DataReceivedEventHandler ErrorDataReceived;
        public event EventHandler Exited;
        public event DataReceivedEventHandler OutputDataReceived;
        public void BeginErrorReadLine();
        public void BeginOutputReadLine();
        public void CancelErrorRead();
        public void CancelOutputRead();
        public void Close();
        public bool CloseMainWindow();
        protected override void Dispose(bool disposing);
        public static void EnterDebugMode();
        public static Process GetCurrentProcess();
        public static Process GetProcessById(int processId);
        public static Process GetProcessById(int processId, string machineName);
        public static Process[] GetProcesses();
        public static Process[] GetProcesses(string machineName);
        public static Process[] GetProcessesByName(string processName);
        public static Process[] GetProcessesByName(string processName, string machineName);
        public void Kill();
        public static void LeaveDebugMode();
        protected void OnExited();
        public void Refresh();
        public bool Start();
        public static Process Start(ProcessStartInfo startInfo);
        public static Process Start(string fileName);
        public static Process Start(string fileName, string arguments);
        public static Process Start(string fileName, string userName, SecureString password, string domain);
        public static Process Start(string fileName, string arguments, string userName, SecureString password, string domain);
        public void WaitForExit();
        public bool WaitForExit(int milliseconds);
        public bool WaitForInputIdle();
        public bool WaitForInputIdle(int milliseconds);
    }

    /// <summary>How a program is started.</summary>
    public sealed class ProcessStartInfo
    {
        public ProcessStartInfo() { }
        public ProcessStartInfo(string fileName) { }
        public ProcessStartInfo(string fileName, string arguments) { }
        public Collection<string> ArgumentList { get; }
        public string Arguments { get; set; }
        public bool CreateNoWindow { get; set; }
        public string Domain { get; set; }
        public IDictionary<string, string> Environment { get; }
        public StringDictionary EnvironmentVariables { get; }
        public bool ErrorDialog { get; set; }
        public IntPtr ErrorDialogParentHandle { get; set; }
        public string FileName { get; set; }
        public bool LoadUserProfile { get; set; }
        public SecureString Password { get; set; }
        public string PasswordInClearText { get; set; }
        public bool RedirectStandardError { get; set; }
        public bool RedirectStandardInput { get; set; }
        public bool RedirectStandardOutput { get; set; }
        public Encoding StandardErrorEncoding { get; set; }
        public Encoding StandardInputEncoding { get; set; }
        public Encoding StandardOutputEncoding { get; set; }
        public bool UseShellExecute { get; set; }
        public string UserName { get; set; }
        public string Verb { get; set; }
        public string[] Verbs { get; }
        public ProcessWindowStyle WindowStyle { get; set; }
        public string WorkingDirectory { get; set; }
    }

    /// <summary>A call that runs.</summary>
    public class StackFrame
    {
        public static int OFFSET_UNKNOWN;
        public StackFrame() { }
        public StackFrame(bool fNeedFileInfo) { }
        public StackFrame(int skipFrames) { }
        public StackFrame(int skipFrames, bool fNeedFileInfo) { }
        public StackFrame(string fileName, int lineNumber) { }
        public StackFrame(string fileName, int lineNumber, int colNumber) { }
        public virtual int GetFileColumnNumber();
        public virtual int GetFileLineNumber();
        public virtual string GetFileName();
        public virtual int GetILOffset();
        public virtual MethodBase GetMethod();
        public virtual int GetNativeOffset();
    }

    /// <summary>The calls that run.</summary>
    public class StackTrace
    {
        public static int METHODS_TO_SKIP;
        public StackTrace() { }
        public StackTrace(bool fNeedFileInfo) { }
        public StackTrace(int skipFrames) { }
        public StackTrace(StackFrame frame) { }
        public StackTrace(Exception e) { }
        public StackTrace(int skipFrames, bool fNeedFileInfo) { }
        public StackTrace(Exception e, bool fNeedFileInfo) { }
        public StackTrace(Exception e, int skipFrames) { }
        public StackTrace(Thread targetThread, bool needFileInfo) { }
        public StackTrace(Exception e, int skipFrames, bool fNeedFileInfo) { }
        public virtual int FrameCount { get; }
        public virtual StackFrame GetFrame(int index);
        public virtual StackFrame[] GetFrames();
    }

    /// <summary>Measures time.</summary>
    public class Stopwatch
    {
        public static long Frequency;
        public static bool IsHighResolution;
        public Stopwatch() { }
        public TimeSpan Elapsed { get; }
        public long ElapsedMilliseconds { get; }
        public long ElapsedTicks { get; }
        public bool IsRunning { get; }
        public static long GetTimestamp();
        public void Reset();
        public void Restart();
        public void Start();
        public static Stopwatch StartNew();
        public void Stop();
    }

    /// <summary>Messages of a running program.</summary>
    public sealed class Trace
    {
        public static bool AutoFlush { get; set; }
        public static CorrelationManager CorrelationManager { get; }
        public static int IndentLevel { get; set; }
        public static int IndentSize { get; set; }
        public static TraceListenerCollection Listeners { get; }
        public static bool UseGlobalLock { get; set; }
        public static void Assert(bool condition);
        public static void Assert(bool condition, string message);
        public static void Assert(bool condition, string message, string detailMessage);
        public static void Close();
        public static void Fail(string message);
        public static void Fail(string message, string detailMessage);
        public static void Flush();
        public static void Indent();
        public static void Refresh();
        public static void TraceError(string message);
        public static void TraceError(string format, params object[] args);
        public static void TraceInformation(string message);
        public static void TraceInformation(string format, params object[] args);
        public static void TraceWarning(string message);
        public static void TraceWarning(string format, params object[] args);
        public static void Unindent();
        public static void Write(object value);
        public static void Write(string message);
        public static void Write(object value, string category);
        public static void Write(string message, string category);
        public static void WriteIf(bool condition, object value);
        public static void WriteIf(bool condition, string message);
        public static void WriteIf(bool condition, object value, string category);
        public static void WriteIf(bool condition, string message, string category);
        public static void WriteLine(object value);
        public static void WriteLine(string message);
        public static void WriteLine(object value, string category);
        public static void WriteLine(string message, string category);
        public static void WriteLineIf(bool condition, object value);
        public static void WriteLineIf(bool condition, string message);
        public static void WriteLineIf(bool condition, object value, string category);
        public static void WriteLineIf(bool condition, string message, string category);
    }

    /// <summary>Kinds of messages.</summary>
    public enum TraceEventType
    {
        Critical,
        Error,
        Warning,
        Information,
        Verbose,
        Start,
        Stop,
        Suspend,
        Resume,
        Transfer,
    }

    /// <summary>How much is told.</summary>
    public enum TraceLevel
    {
        Off,
        Error,
        Warning,
        Info,
        Verbose,
    }

    /// <summary>Takes messages.</summary>
    public abstract class TraceListener : System.MarshalByRefObject, IDisposable
    {
        protected TraceListener() { }
        protected TraceListener(string name) { }
        public StringDictionary Attributes { get; }
        public TraceFilter Filter { get; set; }
        public int IndentLevel { get; set; }
        public int IndentSize { get; set; }
        public virtual bool IsThreadSafe { get; }
        public virtual string Name { get; set; }
        protected bool NeedIndent { get; set; }
        public TraceOptions TraceOutputOptions { get; set; }
        public virtual void Close();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public virtual void Fail(string message);
        public virtual void Fail(string message, string detailMessage);
        public virtual void Flush();
        public virtual void TraceData(TraceEventCache eventCache, string source, TraceEventType eventType, int id, object data);
        public virtual void TraceData(TraceEventCache eventCache, string source, TraceEventType eventType, int id, params object[] data);
        public virtual void TraceEvent(TraceEventCache eventCache, string source, TraceEventType eventType, int id);
        public virtual void TraceEvent(TraceEventCache eventCache, string source, TraceEventType eventType, int id, string message);
        public virtual void TraceEvent(TraceEventCache eventCache, string source, TraceEventType eventType, int id, string format, params object[] args);
        public virtual void TraceTransfer(TraceEventCache eventCache, string source, int id, string message, Guid relatedActivityId);
        public virtual void Write(object o);
        public abstract void Write(string message);
        public virtual void Write(object o, string category);
        public virtual void Write(string message, string category);
        protected virtual void WriteIndent();
        public virtual void WriteLine(object o);
        public abstract void WriteLine(string message);
        public virtual void WriteLine(object o, string category);
        public virtual void WriteLine(string message, string category);
    }

    /// <summary>Says how much is told.</summary>
    public class TraceSwitch : Switch
    {
        public TraceSwitch(string displayName, string description) { }
        public TraceSwitch(string displayName, string description, string defaultSwitchValue) { }
        public TraceLevel Level { get; set; }
        public bool TraceError { get; }
        public bool TraceInfo { get; }
        public bool TraceVerbose { get; }
        public bool TraceWarning { get; }
        protected override void OnSwitchSettingChanged();
        protected override void OnValueChanged();
    }
}
