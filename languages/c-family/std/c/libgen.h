#pragma once
/** The last part of a path. */
char *basename(char *path);
/** All but the last part of a path. */
char *dirname(char *path);
