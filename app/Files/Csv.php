<?php

declare(strict_types=1);

namespace App\Files;

/** Tables as text. What a spreadsheet would take for a formula begins with a blank. */
final class Csv
{
    /** @param list<list<string>> $rows */
    public static function write(array $rows): string
    {
        return implode('', array_map(static fn(array $row): string => implode(',', array_map(
            static fn(string $cell): string => '"' . str_replace(
                '"',
                '""',
                preg_match('/^[=+\-@\t]/', $cell) === 1 ? " $cell" : $cell,
            ) . '"',
            $row,
        )) . "\r\n", $rows));
    }

    /** @return list<list<string>> the rows of a table, its delimiter found in the first one */
    public static function read(string $text): array
    {
        $head = (string) strtok($text, "\n");
        $counts = [];
        foreach ([',', ';', "\t"] as $sign) {
            $counts[$sign] = substr_count($head, $sign);
        }
        arsort($counts);
        $rows = [];
        $stream = fopen('php://memory', 'r+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        while (($row = fgetcsv($stream, null, array_key_first($counts), '"', '')) !== false) {
            $rows[] = array_map(static fn(?string $cell): string => trim((string) $cell), $row);
        }
        fclose($stream);

        return $rows;
    }
}
