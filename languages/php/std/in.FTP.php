<?php

namespace FTP;

final class Connection
{
}

