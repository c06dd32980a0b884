#pragma once
#define LC_CTYPE 0
#define LC_NUMERIC 1
#define LC_TIME 2
#define LC_COLLATE 3
#define LC_MONETARY 4
#define LC_MESSAGES 5
#define LC_ALL 6
/** How numbers are written in a place. */
struct lconv { char *decimal_point; char *thousands_sep; char *grouping; char *int_curr_symbol; char *currency_symbol; };
/** Chooses the customs of a place. */
char *setlocale(int category, const char *locale);
/** How numbers are written here. */
struct lconv *localeconv(void);
typedef struct __locale_struct *locale_t;
locale_t newlocale(int category_mask, const char *locale, locale_t base);
void freelocale(locale_t locale);
locale_t uselocale(locale_t locale);
