using System;
using System.Collections;
using System.Collections.Generic;
using System.Reflection;
using System.Reflection.Emit;
using System.Runtime.Serialization;

namespace System.Text.RegularExpressions
{
    /// <summary>A piece that was matched.</summary>
    public class Capture
    {
        public int Index { get; }
        public int Length { get; }
        public string Value { get; }
    }

    /// <summary>Pieces that were matched.</summary>
    public class CaptureCollection : IReadOnlyList<Capture>, IList, IList<Capture>
    {
        public int Count { get; }
        public bool IsReadOnly { get; }
        public bool IsSynchronized { get; }
        public Capture this[int i] { get; }
        public object SyncRoot { get; }
        public void CopyTo(Array array, int arrayIndex);
        public void CopyTo(Capture[] array, int arrayIndex);
        public IEnumerator GetEnumerator();
    }

    /// <summary>A part of what was matched.</summary>
    public class Group : Capture
    {
        public CaptureCollection Captures { get; }
        public string Name { get; }
        public bool Success { get; }
        public static Group Synchronized(Group inner);
    }

    /// <summary>Parts of what was matched.</summary>
    public class GroupCollection : IReadOnlyList<Group>, IList, IList<Group>
    {
        public int Count { get; }
        public bool IsReadOnly { get; }
        public bool IsSynchronized { get; }
        public Group this[int groupnum] { get; }
        public Group this[string groupname] { get; }
        public object SyncRoot { get; }
        public void CopyTo(Array array, int arrayIndex);
        public void CopyTo(Group[] array, int arrayIndex);
        public IEnumerator GetEnumerator();
    }

    /// <summary>What was matched.</summary>
    public class Match : Group
    {
        public static Match Empty { get; }
        public virtual GroupCollection Groups { get; }
        public Match NextMatch();
        public virtual string Result(string replacement);
        public static Match Synchronized(Match inner);
    }

    /// <summary>What was matched.</summary>
    public class MatchCollection : IReadOnlyList<Match>, IList, IList<Match>
    {
        public int Count { get; }
        public bool IsReadOnly { get; }
        public bool IsSynchronized { get; }
        public virtual Match this[int i] { get; }
        public object SyncRoot { get; }
        public void CopyTo(Array array, int arrayIndex);
        public void CopyTo(Match[] array, int arrayIndex);
        public IEnumerator GetEnumerator();
    }

    /// <summary>Replaces what was matched.</summary>
    public delegate string MatchEvaluator(Match match);

    /// <summary>A regular expression.</summary>
    public class Regex : ISerializable
    {
        public static TimeSpan InfiniteMatchTimeout;
        protected Regex() { }
        public Regex(string pattern) { }
        protected Regex(SerializationInfo info, StreamingContext context) { }
        public Regex(string pattern, RegexOptions options) { }
        public Regex(string pattern, RegexOptions options, TimeSpan matchTimeout) { }
        public static int CacheSize { get; set; }
        protected IDictionary CapNames { get; set; }
        protected IDictionary Caps { get; set; }
        public TimeSpan MatchTimeout { get; }
        public RegexOptions Options { get; }
        public bool RightToLeft { get; }
        public static void CompileToAssembly(RegexCompilationInfo[] regexinfos, AssemblyName assemblyname);
        public static void CompileToAssembly(RegexCompilationInfo[] regexinfos, AssemblyName assemblyname, CustomAttributeBuilder[] attributes);
        public static void CompileToAssembly(RegexCompilationInfo[] regexinfos, AssemblyName assemblyname, CustomAttributeBuilder[] attributes, string resourceFile);
        public static string Escape(string str);
        public string[] GetGroupNames();
        public int[] GetGroupNumbers();
        public string GroupNameFromNumber(int i);
        public int GroupNumberFromName(string name);
        protected void InitializeReferences();
        public bool IsMatch(string input);
        public bool IsMatch(string input, int startat);
        public static bool IsMatch(string input, string pattern);
        public static bool IsMatch(string input, string pattern, RegexOptions options);
        public static bool IsMatch(string input, string pattern, RegexOptions options, TimeSpan matchTimeout);
        public Match Match(string input);
        public Match Match(string input, int startat);
        public static Match Match(string input, string pattern);
        public Match Match(string input, int beginning, int length);
        public static Match Match(string input, string pattern, RegexOptions options);
        public static Match Match(string input, string pattern, RegexOptions options, TimeSpan matchTimeout);
        public MatchCollection Matches(string input);
        public MatchCollection Matches(string input, int startat);
        public static MatchCollection Matches(string input, string pattern);
        public static MatchCollection Matches(string input, string pattern, RegexOptions options);
        public static MatchCollection Matches(string input, string pattern, RegexOptions options, TimeSpan matchTimeout);
        public string Replace(string input, string replacement);
        public string Replace(string input, MatchEvaluator evaluator);
        public string Replace(string input, string replacement, int count);
        public static string Replace(string input, string pattern, string replacement);
        public static string Replace(string input, string pattern, MatchEvaluator evaluator);
        public string Replace(string input, MatchEvaluator evaluator, int count);
        public string Replace(string input, string replacement, int count, int startat);
        public static string Replace(string input, string pattern, string replacement, RegexOptions options);
        public static string Replace(string input, string pattern, MatchEvaluator evaluator, RegexOptions options);
        public string Replace(string input, MatchEvaluator evaluator, int count, int startat);
        public static string Replace(string input, string pattern, string replacement, RegexOptions options, TimeSpan matchTimeout);
        public static string Replace(string input, string pattern, MatchEvaluator evaluator, RegexOptions options, TimeSpan matchTimeout);
        public string[] Split(string input);
        public string[] Split(string input, int count);
        public static string[] Split(string input, string pattern);
        public string[] Split(string input, int count, int startat);
        public static string[] Split(string input, string pattern, RegexOptions options);
        public static string[] Split(string input, string pattern, RegexOptions options, TimeSpan matchTimeout);
        public static string Unescape(string str);
        protected bool UseOptionC();
    }

    /// <summary>How expressions are matched.</summary>
    public enum RegexOptions
    {
        None,
        IgnoreCase,
        Multiline,
        ExplicitCapture,
        Compiled,
        Singleline,
        IgnorePatternWhitespace,
        RightToLeft,
        ECMAScript,
        CultureInvariant,
    }
}
