#pragma once
typedef unsigned int tcflag_t;
typedef unsigned char cc_t;
typedef unsigned int speed_t;
/** How a terminal behaves. */
struct termios { tcflag_t c_iflag; tcflag_t c_oflag; tcflag_t c_cflag; tcflag_t c_lflag; cc_t c_line; cc_t c_cc[32]; };
#define ECHO 0000010
#define ICANON 0000002
#define ISIG 0000001
#define VMIN 6
#define VTIME 5
#define TCSANOW 0
#define TCSADRAIN 1
#define TCSAFLUSH 2
int tcgetattr(int descriptor, struct termios *now);
int tcsetattr(int descriptor, int when, const struct termios *wanted);
speed_t cfgetospeed(const struct termios *of);
int cfsetospeed(struct termios *of, speed_t speed);
