#pragma once
#include <stddef.h>
#include <stdarg.h>
#include <sys/types.h>
/** A stream. */
typedef struct _IO_FILE FILE;
typedef struct { long position; } fpos_t;
/** The end of a stream. */
#define EOF (-1)
#define BUFSIZ 8192
#define FILENAME_MAX 4096
#define L_tmpnam 20
#define SEEK_SET 0
#define SEEK_CUR 1
#define SEEK_END 2
#define _IOFBF 0
#define _IOLBF 1
#define _IONBF 2
/** The standard input. */
extern FILE *stdin;
/** The standard output. */
extern FILE *stdout;
/** Where errors are written to. */
extern FILE *stderr;
/** Removes a file. */
int remove(const char *path);
/** Gives a file another name. */
int rename(const char *from, const char *to);
/** A file that is removed when it is closed. */
FILE *tmpfile(void);
char *tmpnam(char *buffer);
/** Closes a stream. */
int fclose(FILE *stream);
/** Writes what is held back. */
int fflush(FILE *stream);
/** Opens a file. */
FILE *fopen(const char *path, const char *mode);
/** Opens a file in the place of a stream. */
FILE *freopen(const char *path, const char *mode, FILE *stream);
/** A stream of an open file. */
FILE *fdopen(int descriptor, const char *mode);
FILE *fmemopen(void *buffer, size_t size, const char *mode);
FILE *open_memstream(char **buffer, size_t *size);
/** The descriptor of a stream. */
int fileno(FILE *stream);
void setbuf(FILE *stream, char *buffer);
/** Says how much is held back. */
int setvbuf(FILE *stream, char *buffer, int mode, size_t size);
/** Writes text as a format says. */
int fprintf(FILE *stream, const char *format, ...);
/** Writes text to the standard output, as a format says. */
int printf(const char *format, ...);
/** Puts text into a buffer, as a format says; never more than fits. */
int snprintf(char *buffer, size_t size, const char *format, ...);
/** Puts text into a buffer, as a format says, whatever its size. */
int sprintf(char *buffer, const char *format, ...);
int dprintf(int descriptor, const char *format, ...);
int asprintf(char **text, const char *format, ...);
int vasprintf(char **text, const char *format, va_list arguments);
int vfprintf(FILE *stream, const char *format, va_list arguments);
int vprintf(const char *format, va_list arguments);
int vsnprintf(char *buffer, size_t size, const char *format, va_list arguments);
int vsprintf(char *buffer, const char *format, va_list arguments);
/** Reads values as a format says. */
int fscanf(FILE *stream, const char *format, ...);
/** Reads values from the standard input, as a format says. */
int scanf(const char *format, ...);
/** Reads values out of a text, as a format says. */
int sscanf(const char *text, const char *format, ...);
int vsscanf(const char *text, const char *format, va_list arguments);
int vfscanf(FILE *stream, const char *format, va_list arguments);
/** The next byte. */
int fgetc(FILE *stream);
/** The next line, as far as it fits. */
char *fgets(char *buffer, int size, FILE *stream);
/** Writes a byte. */
int fputc(int c, FILE *stream);
/** Writes a text. */
int fputs(const char *text, FILE *stream);
/** The next byte. */
int getc(FILE *stream);
/** The next byte of the standard input. */
int getchar(void);
/** Writes a byte. */
int putc(int c, FILE *stream);
/** Writes a byte to the standard output. */
int putchar(int c);
/** Writes a text and the end of the line to the standard output. */
int puts(const char *text);
/** Puts a byte back. */
int ungetc(int c, FILE *stream);
/** The next line, however long. */
ssize_t getline(char **line, size_t *size, FILE *stream);
ssize_t getdelim(char **line, size_t *size, int delimiter, FILE *stream);
/** Reads elements of one size. */
size_t fread(void *buffer, size_t size, size_t count, FILE *stream);
/** Writes elements of one size. */
size_t fwrite(const void *buffer, size_t size, size_t count, FILE *stream);
int fgetpos(FILE *stream, fpos_t *position);
int fsetpos(FILE *stream, const fpos_t *position);
/** Goes to a place. */
int fseek(FILE *stream, long offset, int whence);
int fseeko(FILE *stream, off_t offset, int whence);
/** The place it is at. */
long ftell(FILE *stream);
off_t ftello(FILE *stream);
/** Goes to the beginning. */
void rewind(FILE *stream);
void clearerr(FILE *stream);
/** Whether the end has been met. */
int feof(FILE *stream);
/** Whether something went wrong. */
int ferror(FILE *stream);
/** Writes what the last error was. */
void perror(const char *text);
/** Runs a command, and reads or writes it. */
FILE *popen(const char *command, const char *mode);
/** Waits for the command. */
int pclose(FILE *stream);
void flockfile(FILE *stream);
void funlockfile(FILE *stream);
char *tempnam(const char *folder, const char *prefix);
int vdprintf(int descriptor, const char *format, va_list arguments);
int getc_unlocked(FILE *stream);
int putc_unlocked(int c, FILE *stream);
int fputs_unlocked(const char *text, FILE *stream);
size_t fwrite_unlocked(const void *from, size_t size, size_t count, FILE *stream);
size_t fread_unlocked(void *to, size_t size, size_t count, FILE *stream);
int renameat(int from_folder, const char *from, int to_folder, const char *to);
int renameat2(int from_folder, const char *from, int to_folder, const char *to, unsigned int flags);
int fseeko64(FILE *stream, off_t offset, int whence);
off_t ftello64(FILE *stream);
