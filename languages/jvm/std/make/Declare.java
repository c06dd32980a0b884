import java.lang.reflect.*;
import java.nio.file.*;
import java.util.*;
import java.util.stream.*;

/** Writes the public declarations of classes of the running library, one file a package. Arguments: list of classes with a line of documentation each, folder. */
public class Declare {
    static Map<String, String> docs = new LinkedHashMap<>();
    static Set<Class<?>> listed = new LinkedHashSet<>();
    static Set<String> imports;
    static String here;

    public static void main(String[] args) throws Exception {
        for (String line : Files.readAllLines(Path.of(args[0]))) {
            String[] parts = line.split("\t", 2);
            if (parts.length < 2) continue;
            docs.put(parts[0], parts[1]);
            if (parts[0].contains("#")) continue;
            listed.add(Class.forName(parts[0]));
        }
        Map<String, List<Class<?>>> packages = new TreeMap<>();
        for (Class<?> c : listed) packages.computeIfAbsent(c.getPackageName(), k -> new ArrayList<>()).add(c);
        for (var e : packages.entrySet()) {
            here = e.getKey();
            imports = new TreeSet<>();
            StringBuilder body = new StringBuilder();
            e.getValue().sort(Comparator.comparing(Class::getSimpleName));
            for (Class<?> c : e.getValue()) { type(c, "", body); body.append("\n"); }
            StringBuilder out = new StringBuilder("package " + here + ";\n\n");
            for (String i : imports) out.append("import " + i + ";\n");
            if (!imports.isEmpty()) out.append("\n");
            Path place = Path.of(args[1], here.replace('.', '/') + ".java");
            Files.createDirectories(place.getParent());
            Files.writeString(place, out.append(body).toString().stripTrailing() + "\n");
        }
    }

    static boolean shown(int m) { return Modifier.isPublic(m) || Modifier.isProtected(m); }

    static void type(Class<?> c, String in, StringBuilder out) {
        String doc = docs.get(c.getName());
        if (doc != null) out.append(in + "/** " + doc + " */\n");
        int m = c.getModifiers();
        String head = in + (Modifier.isPublic(m) ? "public " : Modifier.isProtected(m) ? "protected " : "");
        boolean inner = c.getDeclaringClass() != null;
        if (inner && Modifier.isStatic(m) && !c.isInterface() && !c.isEnum()) head += "static ";
        if (c.isAnnotation()) head += "@interface ";
        else if (c.isInterface()) head += "interface ";
        else if (c.isEnum()) head += "enum ";
        else head += (Modifier.isAbstract(m) ? "abstract " : "") + (Modifier.isFinal(m) ? "final " : "") + "class ";
        head += c.getSimpleName() + parameters(c.getTypeParameters());
        if (!c.isInterface() && !c.isEnum() && c.getGenericSuperclass() != null && c.getSuperclass() != Object.class && Modifier.isPublic(c.getSuperclass().getModifiers()))
            head += " extends " + name(c.getGenericSuperclass());
        else if (!c.isInterface() && c.getSuperclass() != null && c.getSuperclass() != Object.class && !c.isEnum() && c.getSuperclass().getGenericSuperclass() != null && c.getSuperclass().getSuperclass() != Object.class)
            head += " extends " + name(c.getSuperclass().getGenericSuperclass());
        if (!c.isAnnotation()) {
            List<String> bases = Arrays.stream(c.getGenericInterfaces()).filter(t -> raw(t) != null && Modifier.isPublic(raw(t).getModifiers()) && !raw(t).getName().startsWith("java.lang.constant")).map(Declare::name).collect(Collectors.toList());
            if (!bases.isEmpty()) head += (c.isInterface() ? " extends " : " implements ") + String.join(", ", bases);
        }
        out.append(head + " {\n");
        String deep = in + "    ";
        List<String> lines = new ArrayList<>();
        if (c.isEnum()) {
            String all = Arrays.stream(c.getFields()).filter(Field::isEnumConstant).map(Field::getName).collect(Collectors.joining(", "));
            out.append(deep + all + ";\n");
        }
        Field[] fields = c.getDeclaredFields();
        for (Field f : fields) {
            if (!shown(f.getModifiers()) || f.isSynthetic() || f.isEnumConstant()) continue;
            note(c, f.getName(), deep, out);
            out.append(deep + mods(f.getModifiers(), c.isInterface()) + name(f.getGenericType()) + " " + f.getName() + ";\n");
        }
        Constructor<?>[] made = c.getDeclaredConstructors();
        Arrays.sort(made, Comparator.comparing((Constructor<?> k) -> k.getParameterCount()).thenComparing(k -> k.toGenericString()));
        if (!c.isEnum()) for (Constructor<?> k : made) {
            if (!shown(k.getModifiers()) || k.isSynthetic()) continue;
            note(c, "new", deep, out);
            out.append(deep + mods(k.getModifiers(), false) + parameters(k.getTypeParameters()) + (k.getTypeParameters().length > 0 ? " " : "") + c.getSimpleName() + args(k) + thrown(k) + " { }\n");
        }
        Method[] methods = c.getDeclaredMethods();
        Arrays.sort(methods, Comparator.comparing(Method::getName).thenComparing(Method::getParameterCount).thenComparing(Method::toGenericString));
        for (Method f : methods) {
            if (!shown(f.getModifiers()) || f.isSynthetic() || f.isBridge()) continue;
            if (c != Object.class && !c.isInterface() && !Modifier.isStatic(f.getModifiers()) && List.of("toString", "hashCode", "finalize", "clone").contains(f.getName()) && f.getParameterCount() == 0 && f.getReturnType() != String.class | c == String.class && !f.getName().equals("clone")) continue;
            if (c != Object.class && !c.isInterface() && f.getName().equals("toString") && f.getParameterCount() == 0) continue;
            if (c != Object.class && !c.isInterface() && f.getName().equals("equals") && f.getParameterCount() == 1 && f.getParameterTypes()[0] == Object.class) continue;
            if (c.isEnum() && (f.getName().equals("values") || f.getName().equals("valueOf") && f.getParameterCount() == 1)) continue;
            if (f.isDefault() == false && c.isInterface() && f.getName().equals("describeConstable")) continue;
            if (f.getName().equals("describeConstable") || f.getName().equals("resolveConstantDesc")) continue;
            note(c, f.getName(), deep, out);
            String p = parameters(f.getTypeParameters());
            boolean body = c.isInterface() && !Modifier.isAbstract(f.getModifiers());
            out.append(deep + (f.isDefault() ? "default " : "") + mods(f.getModifiers() & ~Modifier.TRANSIENT & ~Modifier.VOLATILE, c.isInterface()) + p + (p.isEmpty() ? "" : " ") + name(f.getGenericReturnType()) + " " + f.getName() + args(f) + thrown(f) + (body ? " { }\n" : ";\n"));
        }
        Class<?>[] within = c.getDeclaredClasses();
        Arrays.sort(within, Comparator.comparing(Class::getSimpleName));
        for (Class<?> k : within) if (shown(k.getModifiers()) && !k.isSynthetic()) type(k, deep, out);
        out.append(in + "}\n");
    }

    static Set<String> noted = new HashSet<>();
    static void note(Class<?> c, String member, String in, StringBuilder out) {
        String key = c.getName() + "#" + member;
        if (docs.containsKey(key) && noted.add(key)) out.append(in + "/** " + docs.get(key) + " */\n");
    }

    static String mods(int m, boolean in) {
        if (in) return Modifier.isStatic(m) ? "static " : "";
        StringBuilder s = new StringBuilder(Modifier.isPublic(m) ? "public " : "protected ");
        if (Modifier.isStatic(m)) s.append("static ");
        if (Modifier.isAbstract(m)) s.append("abstract ");
        if (Modifier.isFinal(m)) s.append("final ");
        return s.toString();
    }

    static String thrown(Executable e) {
        Type[] t = e.getGenericExceptionTypes();
        return t.length == 0 ? "" : " throws " + Arrays.stream(t).map(Declare::name).collect(Collectors.joining(", "));
    }

    static String args(Executable e) {
        Type[] types = e.getGenericParameterTypes();
        List<String> out = new ArrayList<>();
        Map<String, Integer> used = new HashMap<>();
        for (int i = 0; i < types.length; i++) {
            boolean rest = e.isVarArgs() && i == types.length - 1;
            String type = name(types[i]);
            if (rest) type = type.substring(0, type.length() - 2) + "...";
            String word = word(types[i]);
            int n = used.merge(word, 1, Integer::sum);
            out.add(type + " " + (n == 1 ? word : word + n));
        }
        return "(" + String.join(", ", out) + ")";
    }

    static String word(Type t) {
        if (t instanceof GenericArrayType || t instanceof Class<?> k && k.isArray()) return "items";
        Class<?> c = raw(t);
        if (c == null) return "value";
        String s = c.getSimpleName();
        switch (s) {
            case "int": case "long": case "short": case "byte": case "double": case "float": return "number";
            case "char": return "letter";
            case "boolean": return "flag";
            case "String": case "CharSequence": return "text";
            case "Class": return "type";
            case "Object": return "object";
            case "Comparator": return "order";
            case "Collection": case "Iterable": return "items";
        }
        if (c.getPackageName().equals("java.util.function")) {
            if (s.endsWith("Predicate")) return "condition";
            if (s.endsWith("Consumer")) return "action";
            if (s.endsWith("Supplier")) return "supplier";
            return "function";
        }
        String w = Character.toLowerCase(s.charAt(0)) + s.substring(1);
        return Set.of("enum", "package", "default", "class", "interface", "final", "double", "float", "int").contains(w) ? w + "Value" : w;
    }

    static Class<?> raw(Type t) {
        if (t instanceof Class<?> c) return c;
        if (t instanceof ParameterizedType p) return (Class<?>) p.getRawType();
        return null;
    }

    static String parameters(TypeVariable<?>[] all) {
        if (all.length == 0) return "";
        return "<" + Arrays.stream(all).map(v -> {
            List<String> bounds = Arrays.stream(v.getBounds()).filter(b -> b != Object.class).map(Declare::name).collect(Collectors.toList());
            return v.getName() + (bounds.isEmpty() ? "" : " extends " + String.join(" & ", bounds));
        }).collect(Collectors.joining(", ")) + ">";
    }

    static String name(Type t) {
        if (t instanceof Class<?> c) {
            if (c.isArray()) return name(c.getComponentType()) + "[]";
            if (c.isPrimitive()) return c.getName();
            Class<?> outer = c;
            String path = c.getSimpleName();
            while (outer.getDeclaringClass() != null) { outer = outer.getDeclaringClass(); path = outer.getSimpleName() + "." + path; }
            if (!outer.getPackageName().equals("java.lang") && !outer.getPackageName().equals(here)) {
                if (!listed.contains(outer)) return outer.getPackageName() + "." + path;
                imports.add(outer.getName());
            }
            return path;
        }
        if (t instanceof GenericArrayType a) return name(a.getGenericComponentType()) + "[]";
        if (t instanceof TypeVariable<?> v) return v.getName();
        if (t instanceof WildcardType w) {
            if (w.getLowerBounds().length > 0) return "? super " + name(w.getLowerBounds()[0]);
            return w.getUpperBounds()[0] == Object.class ? "?" : "? extends " + name(w.getUpperBounds()[0]);
        }
        ParameterizedType p = (ParameterizedType) t;
        return name(p.getRawType()) + "<" + Arrays.stream(p.getActualTypeArguments()).map(Declare::name).collect(Collectors.joining(", ")) + ">";
    }
}
