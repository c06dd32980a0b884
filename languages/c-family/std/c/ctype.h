#pragma once
/** Whether it is a letter or a digit. */
int isalnum(int c);
/** Whether it is a letter. */
int isalpha(int c);
/** Whether it is a blank or a tab. */
int isblank(int c);
/** Whether it is a control character. */
int iscntrl(int c);
/** Whether it is a decimal digit. */
int isdigit(int c);
/** Whether it is printed, and no blank. */
int isgraph(int c);
/** Whether it is a letter in lower case. */
int islower(int c);
/** Whether it is printed. */
int isprint(int c);
/** Whether it is printed, and neither blank, letter nor digit. */
int ispunct(int c);
/** Whether it is white space. */
int isspace(int c);
/** Whether it is a letter in upper case. */
int isupper(int c);
/** Whether it is a hexadecimal digit. */
int isxdigit(int c);
/** The letter in lower case. */
int tolower(int c);
/** The letter in upper case. */
int toupper(int c);
int isascii(int c);
int toascii(int c);
