#pragma once
typedef void *nl_catd;
/** Opens a list of messages. */
nl_catd catopen(const char *name, int flag);
char *catgets(nl_catd list, int set, int number, const char *otherwise);
int catclose(nl_catd list);
