-- What an assistant's telephone had sent to the version before, beside the dump: looks of lessons in which the coach looked
-- later. The records kept of those lessons show the coach's look only.

insert into public.person (yard_id, id, name, role, account_id, created_at) values
    ('01a21a87-b47f-7ab7-8391-fda3a12eb93a', '01a21a87-b47f-7b50-8392-000000000a55', 'Kwame Odetoye', 'ASSISTANT', null, '2026-11-27 00:20:00+00');

insert into public.entry (yard_id, id, lesson_id, device_id, author_id, seq, at_ms, kind, v, payload, kept_odd, received_at, arrival) values
    -- Fennel refused one side, before the coach saw an uneven step: both wait for an answer
    ('01a21a87-b47f-7ab7-8391-fda3a12eb93a', 'a55e0000-0000-4000-8000-000000000001', 'd14e4ee4-645c-4add-a99a-d813eab08875', '391c7472-d6aa-4212-8a22-000000000a55', '01a21a87-b47f-7b50-8392-000000000a55', 1, 1795739450170,
        'first_look', 1, '{"soundness": "REFUSES_ONE_SIDE"}', false, '2026-11-27 01:03:52.7+00', 0),
    -- Pepperwort had a sore spot in the lesson in which the coach found nothing later: it was looked at
    ('01a21a87-b47f-7ab7-8391-fda3a12eb93a', 'a55e0000-0000-4000-8000-000000000002', '9cd17627-0d11-4bf2-bb76-a3e29036d578', '391c7472-d6aa-4212-8a22-000000000a55', '01a21a87-b47f-7b50-8392-000000000a55', 2, 1795739362170,
        'first_look', 1, '{"soundness": "PAIN_SIGNS"}', false, '2026-11-27 01:03:52.4+00', 0);
