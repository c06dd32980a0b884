#pragma once
#include <netinet/in.h>
/** Asks for records of a name. */
int res_search(const char *name, int class, int type, unsigned char *answer, int length);
int res_query(const char *name, int class, int type, unsigned char *answer, int length);
int res_init(void);
int dn_expand(const unsigned char *message, const unsigned char *end, const unsigned char *from, char *name, int length);
