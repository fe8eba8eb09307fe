<?php

declare(strict_types=1);

namespace App\Http\Assets;

/**
 * A script, style, font or picture that ships, at an address that changes whenever any of them does:
 * /a/VERSION/js/screens/now.js.
 * A browser keeps it for a year and never asks again. Plain PHP, so that bin/start's server answers without the
 * framework.
 */
final readonly class AssetFile
{
    private const TYPES = [
        'css' => 'text/css; charset=utf-8',
        'js' => 'text/javascript; charset=utf-8',
        'svg' => 'image/svg+xml',
        'woff2' => 'font/woff2',
    ];

    private const FOLDERS = ['assets', 'css', 'js'];

    private const YEAR_SECONDS = 31_536_000;

    /** Fonts are compressed already. */
    private const COMPRESSED = ['css', 'js', 'svg'];

    private function __construct(public string $path, private string $kind)
    {
    }

    /**
     * @param string $public  the folder the web server serves from
     * @param string $address as it was asked for, such as /a/0123456789ab/css/app.css
     */
    public static function at(string $public, string $address): ?self
    {
        if (
            preg_match(
                '~^/a/[0-9a-f]{12}/((?:' . implode('|', self::FOLDERS) . ')(?:/[a-z0-9_-]+)*/[a-z0-9._-]+)\.(\w+)$~i',
                $address,
                $found,
            ) !== 1
        ) {
            return null;
        }
        $path = "{$public}/{$found[1]}.{$found[2]}";

        return isset(self::TYPES[$found[2]]) && ! str_contains($found[1], '..') && is_file($path)
            ? new self($path, $found[2])
            : null;
    }

    /** @return string twelve hexadecimal digits that change when any file does */
    public static function version(string $public): string
    {
        $seen = '';
        foreach (self::files($public) as $path) {
            $seen .= $path . "\0" . filemtime("{$public}/{$path}") . "\0" . filesize("{$public}/{$path}") . "\n";
        }

        return substr(hash('sha256', $seen), 0, 12);
    }

    /** @return list<string> every file that has such an address, from the public folder on, in order */
    public static function files(string $public): array
    {
        $files = [];
        foreach (self::FOLDERS as $folder) {
            $within = new \RecursiveDirectoryIterator("{$public}/{$folder}", \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($within) as $file) {
                if ($file instanceof \SplFileInfo && isset(self::TYPES[$file->getExtension()])) {
                    $files[] = substr($file->getPathname(), strlen($public) + 1);
                }
            }
        }
        sort($files);

        return $files;
    }

    /** @return array<string, string> by name */
    public function headers(bool $compressed): array
    {
        $headers = [
            'Content-Type' => self::TYPES[$this->kind],
            'Cache-Control' => 'public, max-age=' . self::YEAR_SECONDS . ', immutable',
            'X-Content-Type-Options' => 'nosniff',
        ];

        return $this->isCompressible()
            ? $headers + ['Vary' => 'Accept-Encoding'] + ($compressed ? ['Content-Encoding' => 'gzip'] : [])
            : $headers;
    }

    public function isCompressible(): bool
    {
        return in_array($this->kind, self::COMPRESSED, true);
    }

    public function content(bool $compressed): string
    {
        $content = (string) file_get_contents($this->path);
        $content = $this->kind === 'js' ? self::bare($content) : $content;

        return $compressed && $this->isCompressible() ? (string) gzencode($content, 9) : $content;
    }

    /**
     * A script without the comments that stand on lines of their own, a quarter of what it weighs packed; each line keeps
     * its number.
     *
     * @param string $script as it stands in the file
     */
    public static function bare(string $script): string
    {
        $blocks = '~^[ \t]*/\*.*?\*/[ \t]*$~ms';
        $without = preg_replace_callback(
            $blocks,
            static fn (array $block): string => str_repeat("\n", substr_count($block[0], "\n")),
            $script,
        );

        return preg_replace('~^[ \t]*//.*$~m', '', $without ?? $script) ?? $script;
    }
}
