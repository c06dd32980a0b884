package javax.net;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.UnknownHostException;

/** Makes sockets that accept. */
public abstract class ServerSocketFactory {
    protected ServerSocketFactory() { }
    public ServerSocket createServerSocket() throws IOException;
    public abstract ServerSocket createServerSocket(int number) throws IOException;
    public abstract ServerSocket createServerSocket(int number, int number2) throws IOException;
    public abstract ServerSocket createServerSocket(int number, int number2, InetAddress inetAddress) throws IOException;
    public static ServerSocketFactory getDefault();
}

/** Makes sockets. */
public abstract class SocketFactory {
    protected SocketFactory() { }
    public Socket createSocket() throws IOException;
    public abstract Socket createSocket(String text, int number) throws IOException, UnknownHostException;
    public abstract Socket createSocket(InetAddress inetAddress, int number) throws IOException;
    public abstract Socket createSocket(String text, int number, InetAddress inetAddress, int number2) throws IOException, UnknownHostException;
    public abstract Socket createSocket(InetAddress inetAddress, int number, InetAddress inetAddress2, int number2) throws IOException;
    public static SocketFactory getDefault();
}
