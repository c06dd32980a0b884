#pragma once
/** The text in the language of the user. */
char *gettext(const char *text);
char *dgettext(const char *domain, const char *text);
char *dcgettext(const char *domain, const char *text, int category);
char *ngettext(const char *one, const char *many, unsigned long count);
char *textdomain(const char *domain);
char *bindtextdomain(const char *domain, const char *folder);
char *bind_textdomain_codeset(const char *domain, const char *codeset);
