#pragma once
void err(int status, const char *format, ...);
void errx(int status, const char *format, ...);
void warn(const char *format, ...);
void warnx(const char *format, ...);
