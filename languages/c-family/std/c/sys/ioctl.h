#pragma once
/** Asks a device. */
int ioctl(int descriptor, unsigned long request, ...);
/** The size of a terminal. */
struct winsize { unsigned short ws_row; unsigned short ws_col; unsigned short ws_xpixel; unsigned short ws_ypixel; };
#define TIOCGWINSZ 0x5413
#define FIONREAD 0x541B
#define FIONBIO 0x5421
