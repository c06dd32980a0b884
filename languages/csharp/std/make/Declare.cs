using System;
using System.Collections.Generic;
using System.IO;
using System.Linq;
using System.Reflection;
using System.Text;

// Writes the public declarations of classes of the running library, one file a namespace.
// Arguments: a list of types with a line of documentation each, and the folder to write to.
static class Declare {
    static readonly Dictionary<string, string> docs = new Dictionary<string, string>();
    static readonly HashSet<Type> listed = new HashSet<Type>();
    static HashSet<string> imports;
    static string here;

    static void Main(string[] args) {
        Assembly.Load("System, Version=4.0.0.0, Culture=neutral, PublicKeyToken=b77a5c561934e089");
        foreach (var name in new[] { "System", "System.Core", "System.Xml", "System.Data", "System.Runtime.Serialization", "System.ComponentModel.DataAnnotations", "System.Net.Http", "System.Numerics", "System.Xml.Linq" })
            try { Assembly.Load(name + ", Version=4.0.0.0, Culture=neutral, PublicKeyToken=" + (name.EndsWith("Http") || name.EndsWith("Numerics") ? (name.EndsWith("Http") ? "b03f5f7f11d50a3a" : "b77a5c561934e089") : name.EndsWith("Annotations") ? "31bf3856ad364e35" : "b77a5c561934e089")); } catch (Exception e) { Console.Error.WriteLine(name + ": " + e.Message); }
        foreach (var line in File.ReadAllLines(args[0])) {
            var parts = line.Split('\t');
            if (parts.Length < 2) continue;
            docs[parts[0]] = parts[1];
            if (parts[0].Contains("#")) continue;
            var type = AppDomain.CurrentDomain.GetAssemblies().Select(a => a.GetType(parts[0])).FirstOrDefault(t => t != null);
            if (type == null) Console.Error.WriteLine("not there: " + parts[0]); else listed.Add(type);
        }
        foreach (var space in listed.GroupBy(t => t.Namespace).OrderBy(g => g.Key)) {
            here = space.Key;
            imports = new HashSet<string>();
            var body = new StringBuilder();
            foreach (var type in space.OrderBy(t => t.Name)) { Write(type, "    ", body); body.Append("\n"); }
            var text = new StringBuilder();
            foreach (var i in imports.OrderBy(i => i)) text.Append("using " + i + ";\n");
            if (imports.Count > 0) text.Append("\n");
            text.Append("namespace " + here + "\n{\n" + body.ToString().TrimEnd() + "\n}\n");
            Directory.CreateDirectory(args[1]);
            File.WriteAllText(Path.Combine(args[1], here + ".cs"), text.ToString());
        }
    }

    static void Doc(string key, string at, StringBuilder o) {
        if (docs.ContainsKey(key)) o.Append(at + "/// <summary>" + docs[key].Replace("&", "&amp;").Replace("<", "&lt;") + "</summary>\n");
    }

    static string Plain(Type t) { var n = t.Name; var i = n.IndexOf('`'); return i < 0 ? n : n.Substring(0, i); }

    static string Parameters(Type[] all) {
        return all.Length == 0 ? "" : "<" + string.Join(", ", all.Select(p => p.Name)) + ">";
    }

    static Type[] Own(Type t) {
        var all = t.GetGenericArguments();
        var outer = t.DeclaringType == null ? 0 : t.DeclaringType.GetGenericArguments().Length;
        return all.Skip(outer).ToArray();
    }

    static string Constraints(Type[] all) {
        return string.Concat(all.Select(p => {
            var c = p.GetGenericParameterConstraints().Where(x => x != typeof(ValueType)).Select(Name).ToList();
            if ((p.GenericParameterAttributes & GenericParameterAttributes.NotNullableValueTypeConstraint) != 0) c.Insert(0, "struct");
            if ((p.GenericParameterAttributes & GenericParameterAttributes.ReferenceTypeConstraint) != 0) c.Insert(0, "class");
            return c.Count == 0 ? "" : " where " + p.Name + " : " + string.Join(", ", c);
        }));
    }

    const BindingFlags All = BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.Instance | BindingFlags.Static | BindingFlags.DeclaredOnly;

    static void Write(Type t, string at, StringBuilder o) {
        Doc(t.FullName, at, o);
        var own = Own(t);
        if (typeof(MulticastDelegate).IsAssignableFrom(t) && t != typeof(MulticastDelegate)) {
            var invoke = t.GetMethod("Invoke");
            o.Append(at + "public delegate " + Name(invoke.ReturnType) + " " + Plain(t) + Parameters(own) + Arguments(invoke) + ";\n");
            return;
        }
        if (t.IsEnum) {
            o.Append(at + "public enum " + t.Name + "\n" + at + "{\n" + string.Concat(Enum.GetNames(t).Select(n => at + "    " + n + ",\n")) + at + "}\n");
            return;
        }
        var word = t.IsInterface ? "interface" : t.IsValueType ? "struct" : t.IsAbstract && t.IsSealed ? "static class" : t.IsAbstract ? "abstract class" : t.IsSealed ? "sealed class" : "class";
        var bases = new List<string>();
        if (t.BaseType != null && t.BaseType != typeof(object) && t.BaseType != typeof(ValueType) && t.BaseType.IsPublic) bases.Add(Name(t.BaseType));
        var inherited = new HashSet<Type>(t.GetInterfaces().SelectMany(i => i.GetInterfaces()));
        if (t.BaseType != null) inherited.UnionWith(t.BaseType.GetInterfaces());
        bases.AddRange(t.GetInterfaces().Where(i => i.IsPublic && !inherited.Contains(i)).Select(Name));
        o.Append(at + "public " + word + " " + Plain(t) + Parameters(own) + (bases.Count == 0 ? "" : " : " + string.Join(", ", bases)) + Constraints(own) + "\n" + at + "{\n");
        var deep = at + "    ";
        foreach (var f in t.GetFields(All).Where(f => f.IsPublic || f.IsFamily).OrderBy(f => f.Name, StringComparer.Ordinal)) {
            Doc(t.FullName + "#" + f.Name, deep, o);
            o.Append(deep + (f.IsPublic ? "public " : "protected ") + (f.IsStatic ? "static " : "") + Name(f.FieldType) + " " + f.Name + ";\n");
        }
        foreach (var c in t.GetConstructors(All).Where(c => (c.IsPublic || c.IsFamily) && !c.IsStatic).OrderBy(c => c.GetParameters().Length).ThenBy(c => c.ToString(), StringComparer.Ordinal))
            o.Append(deep + (c.IsPublic ? "public " : "protected ") + Plain(t) + Arguments(c) + " { }\n");
        foreach (var p in t.GetProperties(All).OrderBy(p => p.Name, StringComparer.Ordinal)) {
            var get = p.GetMethod; var set = p.SetMethod;
            var some = get != null && (get.IsPublic || get.IsFamily) ? get : set;
            if (some == null || !(some.IsPublic || some.IsFamily)) continue;
            Doc(t.FullName + "#" + p.Name, deep, o);
            var index = p.GetIndexParameters();
            o.Append(deep + Mods(some, t) + Name(p.PropertyType) + " " + (index.Length > 0 ? "this[" + string.Join(", ", index.Select(i => Name(i.ParameterType) + " " + i.Name)) + "]" : p.Name) + " { " + (get != null && (get.IsPublic || get.IsFamily) ? "get; " : "") + (set != null && (set.IsPublic || set.IsFamily) ? "set; " : "") + "}\n");
        }
        foreach (var e in t.GetEvents(All).Where(e => e.AddMethod.IsPublic || e.AddMethod.IsFamily).OrderBy(e => e.Name, StringComparer.Ordinal))
            o.Append(deep + Mods(e.AddMethod, t) + "event " + Name(e.EventHandlerType) + " " + e.Name + ";\n");
        var noted = new HashSet<string>();
        foreach (var m in t.GetMethods(All).Where(m => (m.IsPublic || m.IsFamily) && !m.IsSpecialName && !m.Name.Contains(".")).OrderBy(m => m.Name, StringComparer.Ordinal).ThenBy(m => m.GetParameters().Length).ThenBy(m => m.ToString(), StringComparer.Ordinal)) {
            if (t != typeof(object) && m.GetBaseDefinition().DeclaringType == typeof(object)) continue;
            if (noted.Add(m.Name)) Doc(t.FullName + "#" + m.Name, deep, o);
            var generic = m.GetGenericArguments();
            o.Append(deep + Mods(m, t) + Name(m.ReturnType) + " " + m.Name + Parameters(generic) + Arguments(m) + Constraints(generic) + ";\n");
        }
        foreach (var n in t.GetNestedTypes().OrderBy(n => n.Name, StringComparer.Ordinal)) Write(n, deep, o);
        o.Append(at + "}\n");
    }

    static string Mods(MethodInfo m, Type t) {
        if (t.IsInterface) return "";
        var isOverride = m.IsVirtual && m.GetBaseDefinition().DeclaringType != m.DeclaringType;
        return (m.IsPublic ? "public " : "protected ") + (m.IsStatic ? "static " : isOverride ? "override " : m.IsAbstract ? "abstract " : m.IsVirtual && !m.IsFinal ? "virtual " : "") + (m.IsAbstract || m.IsStatic && !m.IsPublic ? "" : "");
    }

    static string Arguments(MethodBase m) {
        var isExtension = m.IsDefined(typeof(System.Runtime.CompilerServices.ExtensionAttribute), false);
        return "(" + string.Join(", ", m.GetParameters().Select((p, i) => {
            var type = p.ParameterType;
            var by = type.IsByRef ? (p.IsOut ? "out " : "ref ") : "";
            if (type.IsByRef) type = type.GetElementType();
            var open = p.IsDefined(typeof(ParamArrayAttribute), false) ? "params " : "";
            var optional = p.IsOptional && open == "" ? " = default(" + Name(type) + ")" : "";
            return (isExtension && i == 0 ? "this " : "") + open + by + Name(type) + " @" + (string.IsNullOrEmpty(p.Name) ? "value" + i : p.Name) + optional;
        })).Replace("@", "") + ")";
    }

    static readonly Dictionary<Type, string> words = new Dictionary<Type, string> { { typeof(void), "void" }, { typeof(bool), "bool" }, { typeof(byte), "byte" }, { typeof(char), "char" }, { typeof(decimal), "decimal" }, { typeof(double), "double" }, { typeof(float), "float" }, { typeof(int), "int" }, { typeof(long), "long" }, { typeof(object), "object" }, { typeof(sbyte), "sbyte" }, { typeof(short), "short" }, { typeof(string), "string" }, { typeof(uint), "uint" }, { typeof(ulong), "ulong" }, { typeof(ushort), "ushort" } };

    static string Name(Type t) {
        if (words.ContainsKey(t)) return words[t];
        if (t.IsArray) return Name(t.GetElementType()) + "[" + new string(',', t.GetArrayRank() - 1) + "]";
        if (t.IsPointer) return Name(t.GetElementType()) + "*";
        if (t.IsGenericParameter) return t.Name;
        var nullable = Nullable.GetUnderlyingType(t);
        if (nullable != null) return Name(nullable) + "?";
        var path = Plain(t);
        var args = t.GetGenericArguments();
        var own = Own(t).Length;
        if (own > 0) path += "<" + string.Join(", ", args.Skip(args.Length - own).Select(Name)) + ">";
        if (t.DeclaringType != null) {
            var outer = t.DeclaringType;
            if (outer.IsGenericTypeDefinition && args.Length >= outer.GetGenericArguments().Length && !t.IsGenericTypeDefinition) outer = outer.MakeGenericType(args.Take(outer.GetGenericArguments().Length).ToArray());
            return Name(outer) + "." + path;
        }
        if (t.Namespace == here || t.Namespace == null) return path;
        var definition = t.IsGenericType ? t.GetGenericTypeDefinition() : t;
        if (listed.Contains(definition)) { imports.Add(t.Namespace); return path; }
        return t.Namespace + "." + path;
    }
}
