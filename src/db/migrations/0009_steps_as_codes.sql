-- Steps of frame plans were kept as text: what stands there stays as it was written.
UPDATE `frame_plan` SET `steps` = (
  SELECT json_group_array(
    CASE
      WHEN json_type(step.value, '$.text') = 'text' THEN json_set(
        step.value,
        '$.text',
        json_object('says', 'together/verbatim', 'with', json_object('text', json_extract(step.value, '$.text')))
      )
      ELSE json(step.value)
    END
  )
  FROM json_each(`frame_plan`.`steps`) AS step
);
