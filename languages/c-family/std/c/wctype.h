#pragma once
#include <wchar.h>
typedef unsigned long wctype_t;
int iswalnum(wint_t c);
int iswalpha(wint_t c);
int iswdigit(wint_t c);
int iswlower(wint_t c);
int iswprint(wint_t c);
int iswpunct(wint_t c);
int iswspace(wint_t c);
int iswupper(wint_t c);
wint_t towlower(wint_t c);
wint_t towupper(wint_t c);
int iswctype(wint_t c, wctype_t kind);
