#pragma once
/** A place to jump back to. */
typedef long jmp_buf[25];
typedef long sigjmp_buf[25];
/** Keeps a place to jump back to. */
int setjmp(jmp_buf environment);
/** Jumps back. */
void longjmp(jmp_buf environment, int value);
int sigsetjmp(sigjmp_buf environment, int save_mask);
void siglongjmp(sigjmp_buf environment, int value);
