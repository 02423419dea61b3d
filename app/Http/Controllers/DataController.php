<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\Document;
use App\Exchange\Import;
use App\Exchange\LogTable;
use App\Exchange\Table;
use App\Http\Requests\ShapeRequest;
use App\Ledger\EventLog;
use App\Models\PastImport;
use App\Schema\Schema;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** All data out as one document or as tables, and in again after a look. */
final class DataController
{
    public function document(): JsonResponse
    {
        return new JsonResponse(
            Document::of(),
            headers: ['Content-Disposition' => 'attachment; filename="undro.json"'],
            options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function schema(): Response
    {
        return new Response((string) file_get_contents(Schema::file()), headers: ['Content-Type' => 'application/schema+json']);
    }

    public function table(string $table, EventLog $log): Response
    {
        $text = $table === 'log' ? app(LogTable::class)->write() : (Table::tryFrom($table) ?? abort(404))->write($log);

        return new Response($text, headers: [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"undro-$table.csv\"",
        ]);
    }

    /** What was imported, the newest first; each can be taken back as a whole. */
    public function imports(): JsonResponse
    {
        return new JsonResponse(PastImport::query()->orderByDesc('id')->get()->map(static fn(PastImport $each): array => [
            'id' => $each->uuid,
            'happened_at' => $each->happened_at,
            'words' => $each->words,
            'undone' => $each->undone_at !== null,
        ])->all());
    }

    /** Takes an import back; that is an import too, and can itself be taken back. */
    public function takeBack(Import $import, string $uuid): JsonResponse
    {
        $past = PastImport::query()->where('uuid', $uuid)->firstOrFail();
        $past->claim() || abort(409);
        try {
            return new JsonResponse($import->run($past->document(), null, true));
        } catch (\Throwable $fault) {
            $past->release();
            throw $fault;
        }
    }

    public function import(ShapeRequest $request, Import $import): JsonResponse
    {
        return new JsonResponse(
            $import->run($request->string('text')->value(), $request->enum('table', Table::class), $request->boolean('take')),
        );
    }
}
