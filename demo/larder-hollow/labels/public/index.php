<?php

declare(strict_types=1);

use Larder\Labels\LabelPrinter;
use Larder\Labels\Wheels;
use Oak\Paper\Roll;

require __DIR__ . '/../vendor/autoload.php';

$wheels = Wheels::open(getenv('LARDER_DB') ?: '/data/larder.db');
$printer = new LabelPrinter(Roll::open('/dev/usb/lp0'));

if (isset($_POST['rack'])) {
    echo $printer->print(...$wheels->onRack((int) $_POST['rack'])), ' labels';
} elseif ($label = $wheels->find((int) ($_GET['wheel'] ?? 0))) {
    echo $printer->page($label);
} else {
    http_response_code(404);
}
