<?php

declare(strict_types=1);

namespace App\Care\DataTransfer;

use App\Bridge\Clients\HeadRecord;
use App\Bridge\Clients\RecordImporter;
use App\Bridge\Plans\OutlookRefresh;
use App\Models\Head;
use App\Models\Salon;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Record\CareRecordWriter;

/** A client's care record as a file, out of the book and into it. */
final readonly class RecordTransfer
{
    public function __construct(
        private HeadRecord $headRecord,
        private OutlookRefresh $outlookRefresh,
        private RecordImporter $recordImporter,
    ) {
    }

    /** @return string JSON, as docs/record.md describes it */
    public function export(Head $head): string
    {
        activity()->performedOn($head)->log('record exported');

        return CareRecordWriter::write($this->headRecord->of($head));
    }

    public function import(CareRecord $record, Salon $salon): Head
    {
        $head = $this->recordImporter->record($record, $salon);
        activity()->performedOn($head)->log('record imported');
        $this->outlookRefresh->after($head);

        return $head;
    }
}
