#pragma once
/** A descriptor that counts events. */
int eventfd(unsigned int first, int flags);
#define EFD_CLOEXEC 02000000
#define EFD_NONBLOCK 04000
