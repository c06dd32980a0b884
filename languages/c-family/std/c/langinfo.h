#pragma once
typedef int nl_item;
#define CODESET 14
/** A text or a setting of the place. */
char *nl_langinfo(nl_item item);
