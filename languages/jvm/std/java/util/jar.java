package java.util.jar;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.security.cert.Certificate;
import java.util.Collection;
import java.util.Enumeration;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Settings of a manifest. */
public class Attributes implements Map<Object, Object>, Cloneable {
    protected Map<Object, Object> map;
    public Attributes() { }
    public Attributes(int number) { }
    public Attributes(Attributes attributes) { }
    public void clear();
    public Object clone();
    public boolean containsKey(Object object);
    public boolean containsValue(Object object);
    public Set<Map.Entry<Object, Object>> entrySet();
    public Object get(Object object);
    public String getValue(String text);
    public String getValue(Attributes.Name name);
    public boolean isEmpty();
    public Set<Object> keySet();
    public Object put(Object object, Object object2);
    public void putAll(Map<?, ?> map);
    public String putValue(String text, String text2);
    public Object remove(Object object);
    public int size();
    public Collection<Object> values();
    public static class Name {
        public static final Attributes.Name MANIFEST_VERSION;
        public static final Attributes.Name SIGNATURE_VERSION;
        public static final Attributes.Name CONTENT_TYPE;
        public static final Attributes.Name CLASS_PATH;
        public static final Attributes.Name MAIN_CLASS;
        public static final Attributes.Name SEALED;
        public static final Attributes.Name EXTENSION_LIST;
        public static final Attributes.Name EXTENSION_NAME;
        public static final Attributes.Name EXTENSION_INSTALLATION;
        public static final Attributes.Name IMPLEMENTATION_TITLE;
        public static final Attributes.Name IMPLEMENTATION_VERSION;
        public static final Attributes.Name IMPLEMENTATION_VENDOR;
        public static final Attributes.Name IMPLEMENTATION_VENDOR_ID;
        public static final Attributes.Name IMPLEMENTATION_URL;
        public static final Attributes.Name SPECIFICATION_TITLE;
        public static final Attributes.Name SPECIFICATION_VERSION;
        public static final Attributes.Name SPECIFICATION_VENDOR;
        public static final Attributes.Name MULTI_RELEASE;
        public Name(String text) { }
    }
}

/** A file of such an archive. */
public class JarEntry extends ZipEntry {
    public JarEntry(String text) { }
    public JarEntry(JarEntry jarEntry) { }
    public JarEntry(ZipEntry zipEntry) { }
    public Attributes getAttributes() throws IOException;
    public Certificate[] getCertificates();
    public java.security.CodeSigner[] getCodeSigners();
    public String getRealName();
}

/** An archive of classes. */
public class JarFile extends ZipFile {
    public static final String MANIFEST_NAME;
    public JarFile(File file) throws IOException { }
    public JarFile(String text) throws IOException { }
    public JarFile(File file, boolean flag) throws IOException { }
    public JarFile(String text, boolean flag) throws IOException { }
    public JarFile(File file, boolean flag, int number) throws IOException { }
    public JarFile(File file, boolean flag, int number, Runtime.Version version) throws IOException { }
    public static Runtime.Version baseVersion();
    public Enumeration<JarEntry> entries();
    public ZipEntry getEntry(String text);
    public InputStream getInputStream(ZipEntry zipEntry) throws IOException;
    public JarEntry getJarEntry(String text);
    public Manifest getManifest() throws IOException;
    public final Runtime.Version getVersion();
    public final boolean isMultiRelease();
    public static Runtime.Version runtimeVersion();
    public Stream<JarEntry> stream();
    public Stream<JarEntry> versionedStream();
}

/** Reads an archive of classes. */
public class JarInputStream extends ZipInputStream {
    public JarInputStream(InputStream inputStream) throws IOException { }
    public JarInputStream(InputStream inputStream, boolean flag) throws IOException { }
    protected ZipEntry createZipEntry(String text);
    public Manifest getManifest();
    public ZipEntry getNextEntry() throws IOException;
    public JarEntry getNextJarEntry() throws IOException;
    public int read(byte[] items, int number, int number2) throws IOException;
}

/** Writes an archive of classes. */
public class JarOutputStream extends ZipOutputStream {
    public JarOutputStream(OutputStream outputStream) throws IOException { }
    public JarOutputStream(OutputStream outputStream, Manifest manifest) throws IOException { }
    public void putNextEntry(ZipEntry zipEntry) throws IOException;
}

/** What an archive says of itself. */
public class Manifest implements Cloneable {
    public Manifest() { }
    public Manifest(InputStream inputStream) throws IOException { }
    public Manifest(Manifest manifest) { }
    public void clear();
    public Object clone();
    public Attributes getAttributes(String text);
    public Map<String, Attributes> getEntries();
    public Attributes getMainAttributes();
    public void read(InputStream inputStream) throws IOException;
    public void write(OutputStream outputStream) throws IOException;
}
