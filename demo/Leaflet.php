<?php

declare(strict_types=1);

namespace Vestibra\Demo;

/** A sheet of plain lines as a PDF (ISO 32000-1), A5 in points. */
final class Leaflet
{
    /** @param  list<string>  $lines  ASCII */
    public static function pdf(array $lines): string
    {
        $text = "BT /F1 12 Tf 48 540 Td 18 TL\n";
        foreach ($lines as $line) {
            $text .= '('.addcslashes($line, '()\\').") Tj T*\n";
        }
        $text .= 'ET';
        $objects = [
            '<< /Type /Catalog /Pages 2 0 R >>',
            '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
            '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 420 595] /Contents 4 0 R /Resources << /Font << /F1 5 0 R '
                .'>> >> >>',
            '<< /Length '.strlen($text)." >>\nstream\n$text\nendstream",
            '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
        ];
        $pdf = "%PDF-1.4\n";
        $places = '';
        foreach ($objects as $at => $object) {
            $places .= sprintf("%010d 00000 n \n", strlen($pdf));
            $pdf .= ($at + 1)." 0 obj\n$object\nendobj\n";
        }
        $start = strlen($pdf);
        $count = count($objects) + 1;

        return "{$pdf}xref\n0 $count\n0000000000 65535 f \n{$places}trailer << /Size $count /Root 1 0 R "
            .">>\nstartxref\n$start\n%%EOF\n";
    }
}
