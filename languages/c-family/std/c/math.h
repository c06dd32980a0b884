#pragma once
#define HUGE_VAL (__builtin_huge_val())
#define INFINITY (__builtin_inff())
#define NAN (__builtin_nanf(""))
#define M_PI 3.14159265358979323846
#define M_E 2.7182818284590452354
#define M_LN2 0.69314718055994530942
#define M_SQRT2 1.41421356237309504880
/** Whether it is no number. */
int isnan(double x);
/** Whether it is infinite. */
int isinf(double x);
/** Whether it is a finite number. */
int isfinite(double x);
int isnormal(double x);
int signbit(double x);
int fpclassify(double x);
/** The arc cosine. */
double acos(double x);
/** The arc sine. */
double asin(double x);
/** The arc tangent. */
double atan(double x);
/** The angle of a point. */
double atan2(double y, double x);
/** The cosine. */
double cos(double x);
/** The sine. */
double sin(double x);
/** The tangent. */
double tan(double x);
double cosh(double x);
double sinh(double x);
double tanh(double x);
/** e to a power. */
double exp(double x);
double exp2(double x);
double expm1(double x);
/** Fraction and power of two. */
double frexp(double x, int *exponent);
/** Times a power of two. */
double ldexp(double x, int exponent);
/** The natural logarithm. */
double log(double x);
/** The logarithm to the base of ten. */
double log10(double x);
/** The logarithm to the base of two. */
double log2(double x);
double log1p(double x);
/** Fraction and whole part. */
double modf(double x, double *whole);
/** x to the power of y. */
double pow(double x, double y);
/** The square root. */
double sqrt(double x);
double cbrt(double x);
/** The distance of a point. */
double hypot(double x, double y);
/** The next whole number above. */
double ceil(double x);
/** The next whole number below. */
double floor(double x);
/** The absolute value. */
double fabs(double x);
/** The rest of a division. */
double fmod(double x, double y);
double remainder(double x, double y);
/** The nearest whole number. */
double round(double x);
long lround(double x);
long long llround(double x);
/** Without what is behind the point. */
double trunc(double x);
double rint(double x);
long lrint(double x);
double nearbyint(double x);
double copysign(double x, double y);
double nan(const char *tag);
double nextafter(double x, double y);
double fdim(double x, double y);
double fmax(double x, double y);
double fmin(double x, double y);
double fma(double x, double y, double z);
double tgamma(double x);
double lgamma(double x);
double erf(double x);
double erfc(double x);
double logb(double x);
int ilogb(double x);
double scalbn(double x, int n);
double acosh(double x);
double asinh(double x);
double atanh(double x);
float acosf(float x);
float asinf(float x);
float atanf(float x);
float atan2f(float y, float x);
float cosf(float x);
float sinf(float x);
float tanf(float x);
float expf(float x);
float logf(float x);
float log10f(float x);
float log2f(float x);
float powf(float x, float y);
float sqrtf(float x);
float ceilf(float x);
float floorf(float x);
float fabsf(float x);
float fmodf(float x, float y);
float roundf(float x);
long lroundf(float x);
long lrintf(float x);
float truncf(float x);
float fmaxf(float x, float y);
float fminf(float x, float y);
float hypotf(float x, float y);
float ldexpf(float x, int exponent);
float frexpf(float x, int *exponent);
float modff(float x, float *whole);
double lgamma_r(double x, int *sign);
double exp10(double x);
void sincos(double x, double *sine, double *cosine);
