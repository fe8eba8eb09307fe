<?php

declare(strict_types=1);

/*
 * php bin/lib/font-widths.php FONT.ttf WIDTHS.ufm: what dompdf reads of a font's letters, from the font. bin/assets runs
 * it; the running product reads what it wrote.
 */

require_once __DIR__ . '/../../vendor/autoload.php';

use FontLib\Font;

[, $from, $to] = $argv + ['', '', ''];
$font = Font::load($from);
if ($font === null) {
    fwrite(STDERR, "{$from} is no font.\n");
    exit(1);
}
$font->parse();
$font->saveAdobeFontMetrics($to);
$font->close();
