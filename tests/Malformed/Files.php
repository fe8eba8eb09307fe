<?php

declare(strict_types=1);

namespace Tests\Malformed;

use Nagomi\Core\Statistics\SeededRandom;
use Symfony\Component\Process\Process;
use ZipArchive;

/** Files that were meant to be something, and are not quite. */
final readonly class Files
{
    private const KINDS = ['products', 'record', 'picture', 'weather', 'import', 'import', 'import'];

    public function __construct(private SeededRandom $chance, private string $record)
    {
    }

    /** @return array{string, string, string} what it is sent as, its name, its bytes */
    public function next(): array
    {
        $kind = self::KINDS[$this->chance->between(0, count(self::KINDS) - 1)];
        $whole = match ($kind) {
            'products' =>
                "name,kind,ingredients,barcode,size_ml,left_ml,pump_ml,price,opened_on,months_open,batch\n\"Mask, plain\",mask,\"Aqua, Glycerin\",1234,500,300,2,12.50,2026-12-01,12,B1\nRinse,conditioner,,,,,,,,,\n",
            'record' => $this->record,
            'picture' => $this->picture(),
            'weather' => "month,day,hour,celsius,humidity_percent\n"
                . implode("\n", array_map(fn (int $hour): string => "1,1,{$hour},12.5,80", range(0, 23))),
            default => [
                $this->cards(), $this->record, $this->zip(), "name;mail;phone\nVesla;v@home.example;912\n",
                "[{$this->record},{}]",
                "Client,Date,Time,Duration,Service,Staff,Price,Status\nVesla,2027-01-12,9:30,45,Dry cut,Ilse,48,Done\n"
                    . "Mara,11/01/2027,23:59,1:30,,,€ 1.234,50,Lost\n",
                "Cliente;Fecha;Tratamiento;Máscara;Corte\nVesla;03/11/2026;Color, corte;x;15 mm\nMara;pronto;Proteína;;\n",
                self::workbook(),
            ][$this->chance->between(0, 7)],
        };
        $names = [
            'a.csv', 'a.json', 'a.vcf', 'a.zip', 'a.jpg', 'a', '../../a.csv', str_repeat('n', 300) . '.csv',
            "ä\u{202E}.vcf", 'a.php',
        ];

        return [$kind, $names[$this->chance->between(0, count($names) - 1)], $this->spoiled($whole)];
    }

    private function spoiled(string $whole): string
    {
        $at = $this->chance->between(0, max(0, strlen($whole) - 1));

        return match ($this->chance->between(0, 15)) {
            0 => '',
            1 => substr($whole, 0, $at),
            2 => substr_replace($whole, chr($this->chance->between(0, 255)), $at, 1),
            3 => $whole . random_bytes(40),
            4 => random_bytes($this->chance->between(1, 3000)),
            5 => "\u{FEFF}{$whole}",
            6 => "\xFF\xFE" . mb_convert_encoding(mb_scrub($whole, 'UTF-8'), 'UTF-16LE', 'UTF-8'),
            7 => str_replace([',', "\n"], [';', "\r\n"], $whole),
            8 => str_replace('e', "\xE9", $whole),
            9 => str_repeat($whole, 3),
            10 => strrev($whole),
            11 => (string) preg_replace('/\d+/', (string) $this->chance->between(-9_999_999, 9_999_999), $whole, 3),
            12 => (string) preg_replace('/"([a-z_]+)"/', '"$1\u0000"', $whole, 2),
            13 => str_repeat('[', 3000) . str_repeat(']', 3000),
            14 => str_replace(['mask', '2026', 'Vesla'], ["\0", '0000', str_repeat('V', 5000)], $whole),
            default => (string) preg_replace('/(\d)/', '$1e308', $whole, 2),
        };
    }

    /** A spreadsheet of two sheets, made once. */
    private static function workbook(): string
    {
        static $book = null;
        if (! is_string($book)) {
            $folder = sys_get_temp_dir() . '/' . uniqid('book');
            mkdir($folder);
            file_put_contents("{$folder}/one.csv", "Name,Born,Phone\nVesla Ortiz,1994-02-28,912345678\n");
            file_put_contents("{$folder}/two.csv", "Name,Date,Treatment\nVesla Ortiz,2026-11-03,Mask\n");
            (new Process(['ssconvert', '--merge-to', "{$folder}/book.xlsx", "{$folder}/one.csv", "{$folder}/two.csv"]))
                ->mustRun();
            $book = (string) file_get_contents("{$folder}/book.xlsx");
        }

        return $book;
    }

    private function cards(): string
    {
        $version = ['2.1', '3.0', '4.0', '9.9', ''][$this->chance->between(0, 4)];
        $name = [
            "FN:Vesla\r\n",
            "N:Ortiz;Vesla\r\n",
            '',
            "FN;CHARSET=ISO-8859-1;ENCODING=QUOTED-PRINTABLE:Zo=EB\r\n",
            'FN:' . str_repeat('n', 400) . "\r\n",
        ][$this->chance->between(0, 4)];

        return str_repeat(
            "BEGIN:VCARD\r\nVERSION:{$version}\r\n{$name}EMAIL:v@home.example\r\nTEL:+351 912\r\nBDAY:"
                . ['1994-02-28', '--0228', '19940230', 'x', '99999999'][$this->chance->between(0, 4)]
                . "\r\nPHOTO;ENCODING=b:AAAA\r\nEND:VCARD\r\n",
            $this->chance->between(1, 3),
        );
    }

    private function zip(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive();
        $zip->open($file, ZipArchive::OVERWRITE);
        foreach (
            [
                'records/a.json' => $this->record,
                '../../evil.json' => '{}',
                'readings.csv' => 'a,b',
                'deep/er/b.json' => str_repeat('{"a":', 100) . '1' . str_repeat('}', 100),
            ] as $name => $content
        ) {
            if ($this->chance->happens(0.7)) {
                $zip->addFromString($name, $content);
            }
        }
        $zip->addFromString('README.txt', 'x');
        $zip->close();

        return (string) file_get_contents($file);
    }

    private function picture(): string
    {
        $image = imagecreatetruecolor($this->chance->between(1, 200), $this->chance->between(1, 200));
        ob_start();
        [
            imagejpeg(...), imagepng(...), imagewebp(...), imagegif(...), imagebmp(...),
        ][$this->chance->between(0, 4)]($image);

        return (string) ob_get_clean();
    }
}
