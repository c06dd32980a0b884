#pragma once
/** A value that the system hands to a program. */
unsigned long getauxval(unsigned long kind);
