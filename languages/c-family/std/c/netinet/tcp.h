#pragma once
#define TCP_NODELAY 1
#define TCP_KEEPIDLE 4
